import type { Shoulder } from '../../cutting/staircase';
import { length, type Figure } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { SizeUnit } from '../../job/records/sizeUnit';
import type { Member } from '../../taper/task';
import type { VeeThread } from '../../thread/form';

/** Something to measure when an operation is done, and what it may be; mm where no unit is said. */
export interface Measure {
  readonly what: string;
  readonly least: number;
  readonly most: number;
  readonly unit?: SizeUnit | undefined;
}

export interface NamedFigure {
  readonly label: string;
  readonly figure: Figure;
}

/** A diameter brought to size by the dial, cut by cut. */
export interface DiameterCard {
  readonly kind: 'diameter';
  readonly member: Member;
  /** As it stands now, and what it may be, mm. */
  readonly from: number;
  readonly least: number;
  readonly most: number;
  /** How smooth it is to be, Ra, mm; null where the drawing does not say. */
  readonly finish: number | null;
  /** It is ground when the piece is hard: what it may be here leaves stock on for that. */
  readonly toGrind?: true | undefined;
  /** How far the cut runs, and from the face to its end. */
  readonly along: number;
  readonly toEnd: number;
}

/** A hole from the tailstock: in steps, drawn back for the chips. */
export interface HoleCard {
  readonly kind: 'hole';
  readonly diameter: number;
  /** To the full diameter, and by how much the point goes on. */
  readonly depth: number;
  readonly point: number;
  /** Drilled first, where it is wide. */
  readonly pilot: number | null;
  /** Depths at which it is drawn back, the last of them the depth. */
  readonly pecks: readonly number[];
}

/** A plunge at a place counted from the face toward the tailstock. */
export interface PlaceCard {
  readonly kind: 'place';
  /** From the face to the side nearer it, and to the far side. */
  readonly near: number;
  readonly far: number;
  /** Diameters outside it and at its bottom; 0 through. */
  readonly from: number;
  readonly bottom: number;
  /** A parting tool cuts its own width: there is no far side to bring it to. */
  readonly through: boolean;
  readonly measures: readonly Measure[];
}

export interface ThreadCard {
  readonly kind: 'thread';
  readonly thread: VeeThread;
  readonly title: string;
  readonly side: Member;
  readonly along: number;
}

export interface StairsCard {
  readonly kind: 'stairs';
  /** From the small end: how far each runs, and its diameter. */
  readonly steps: readonly Shoulder[];
  readonly from: number;
}

/** A shape with a loop of its own: its way, its setting, its cut, its proof. */
export interface ShapeCard {
  readonly kind: 'shape';
}

/** Figures to go by, the first of them the largest, and what is measured after. */
export interface FiguresCard {
  readonly kind: 'figures';
  readonly figures: readonly NamedFigure[];
  readonly notes: readonly Phrase[];
  readonly measures: readonly Measure[];
}

/** What an operation is worked by at the machine. */
export type Card = DiameterCard | HoleCard | PlaceCard | ThreadCard | StairsCard | ShapeCard | FiguresCard;

/** Figures are shown to a hundredth. */
export const shown = (label: string, value: number): NamedFigure => ({ label, figure: length(value, 0.01) });

/** Figures to go by, and what is measured after. */
export const figures = (
  list: readonly NamedFigure[],
  measures: readonly Measure[] = [],
  notes: readonly Phrase[] = [],
): FiguresCard => ({ kind: 'figures', figures: list, measures, notes });
