import type { BatchOrder } from './nextInBatch';
import type { WayId } from '../taper/wayId';

/** What a shape of the part is known by, whatever it takes to make it. */
interface Shape {
  readonly feature: string;
  readonly name: string;
}

export interface TaperFacts extends Shape {
  readonly kind: 'taper';
  /** The lathe it is to be made on now. */
  readonly machineId: string;
  /** Null while its figures are not complete. */
  readonly halfAngle: number | null;
  readonly band: number;
  readonly way: { readonly id: WayId; readonly machineId: string; readonly halfAngle: number } | null;
}

export interface EccentricFacts extends Shape {
  readonly kind: 'eccentric';
  /** mm; 0 while its figures are not settled. */
  readonly throw: number;
  readonly bored: boolean;
  readonly way: string | null;
}

export interface CurveFacts extends Shape {
  readonly kind: 'curve';
  readonly way: string | null;
}

/** A shape that is worked by a loop of its own, as its progress depends on it. */
export type ShapeFacts = TaperFacts | EccentricFacts | CurveFacts;
export type ShapeKind = ShapeFacts['kind'];

/** What a job's progress depends on, from its document. */
export interface JobFacts {
  readonly quantity: number;
  /** How a batch is worked; each piece in turn where it is not said. */
  readonly order?: BatchOrder | undefined;
  readonly partComplete: boolean;
  /** In the order they are taken up; none where the part is plain. */
  readonly shapes: readonly ShapeFacts[];
}
