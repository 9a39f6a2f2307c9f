import { AnelloError } from '../../basics/error';
import type { DialReads } from '../../machine/dialReads';
import type { Plunge } from '../../part/profileCurve';
import { count, length, type Figure } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { chatterRisk } from '../../form-tool/formTool';
import type { Member } from '../../taper/task';
import { coordinateTable } from '../../curve/coordinateTable';
import { feedToFollow, tracerTemplate } from '../../curve/tracerTemplate';
import { endOf, spanOf, startOf, type Piece } from '../../curve/piece';
import { least, most } from '../../basics/extent';

export const CURVE_WAY_IDS = ['drawing', 'steps', 'form-tool'] as const;
export type CurveWayId = (typeof CURVE_WAY_IDS)[number];

export interface CurveContext {
  readonly pieces: readonly Piece[] | null;
  readonly plunge: Plunge | null;
  readonly member: Member;
  readonly noseRadius: number;
  readonly stylusRadius: number;
  readonly ridge: number;
  readonly longest: number;
  /** The cross-slide's division, mm as it reads. */
  readonly division: number;
  readonly reads: DialReads;
  readonly stickOut: number;
}

export interface CurveAssessment {
  readonly id: CurveWayId;
  readonly title: string;
  readonly blockers: readonly Phrase[];
  readonly setting: Figure;
  readonly settingLabel: string;
  readonly notes: readonly Phrase[];
}

/** No edge wider than this is plunged on a light lathe, mm. */
const WIDEST = 20;
/** Looked at coarsely: a comparison, not the sheet or the table itself. mm. */
const COARSE = 0.25;
const ALONG = 0.1;

/** The ways of making a curve or a set of grooves, and the one to take. */
export function compareCurveWays(context: CurveContext): {
  readonly assessments: readonly CurveAssessment[];
  readonly recommended: CurveWayId | null;
} {
  const { pieces, plunge } = context;
  const assessments = [
    ...(pieces
      ? [
          blockedBy('drawing', () => drawing(pieces, context)),
          blockedBy('steps', () => steps(pieces, context)),
        ]
      : []),
    ...(plunge || pieces ? [blockedBy('form-tool', () => plunged(context))] : []),
  ];
  const works = assessments.filter((a) => a.blockers.length === 0).map((a) => a.id);
  const wanted: readonly CurveWayId[] = plunge
    ? ['form-tool', 'steps', 'drawing']
    : ['steps', 'drawing', 'form-tool'];
  return { assessments, recommended: wanted.find((id) => works.includes(id)) ?? null };
}

const TITLES: Readonly<Record<CurveWayId, string>> = {
  drawing: 'Follow a full-size drawing',
  steps: 'Two-handle steps',
  'form-tool': 'Form tool',
};

/** A figure that makes no sense rules its way out, in its own sentence. */
function blockedBy(id: CurveWayId, assess: () => CurveAssessment): CurveAssessment {
  try {
    return assess();
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return {
      id,
      title: TITLES[id],
      blockers: [error.phrase],
      setting: count(0),
      settingLabel: '',
      notes: [],
    };
  }
}

function drawing(
  pieces: readonly Piece[],
  { member, noseRadius, stylusRadius }: CurveContext,
): CurveAssessment {
  const { steepest, lost } = tracerTemplate({ pieces, member, noseRadius, stylusRadius, step: COARSE });
  return {
    id: 'drawing',
    title: TITLES.drawing,
    blockers: [],
    setting: length(feedToFollow(steepest), 1),
    settingLabel: 'Carriage feed a minute, no faster',
    notes: [
      ['Quick for one or two, and good to about ', length(0.2, 0.1), ' by eye.'],
      ['Where the line is steepest the hand moves ', count(steepest, 0.1), ' for the carriage’s one.'],
      ...(lost > 0 ? [['This stylus is too thick for its sharpest tops.'] as Phrase] : []),
    ],
  };
}

function steps(pieces: readonly Piece[], context: CurveContext): CurveAssessment {
  const { rows, minutes } = coordinateTable({ ...context, pieces, along: ALONG, of: 'centre', allowance: 0 });
  return {
    id: 'steps',
    title: TITLES.steps,
    blockers: [],
    setting: count(rows.length),
    settingLabel: 'Steps to the table',
    notes: [
      ['About ', count(minutes), ' minutes at a steady pace; true to the dials.'],
      ['File and cloth take the ridges off.'],
    ],
  };
}

function plunged({ plunge, pieces, stickOut }: CurveContext): CurveAssessment {
  const edge = plunge
    ? { width: plunge.width, thinnest: 2 * Math.min(...plunge.work.map((p) => p.r)) }
    : edgeOf(pieces ?? []);
  const { risk, because } = chatterRisk({ width: edge.width, diameter: edge.thinnest, stickOut });
  return {
    id: 'form-tool',
    title:
      plunge && plunge.grooves.length > 1
        ? `Form tool, ${plunge.grooves.length} grooves at once`
        : TITLES['form-tool'],
    blockers:
      edge.width > WIDEST
        ? [
            [
              'An edge of ',
              length(edge.width, 0.1),
              ' is more than a light lathe plunges; ',
              length(WIDEST, 1),
              ' is the most.',
            ],
          ]
        : [],
    setting: length(edge.width, 0.1),
    settingLabel: 'Edge that cuts at once',
    notes: [['Alike every time.'], [`Chatter risk ${risk}: ${because}.`]],
  };
}

/** A curve's own width, and its thinnest place that an edge could reach. */
function edgeOf(pieces: readonly Piece[]): { width: number; thinnest: number } {
  const spans = pieces.map(spanOf);
  const radii = pieces.flatMap((p) => [startOf(p).r, endOf(p).r]);
  return {
    width: most(spans.map((s) => s.to)) - least(spans.map((s) => s.from)),
    thinnest: 2 * Math.max(LEAST_RADIUS, least(radii)),
  };
}

/** A curve that runs to a point is parted off before its edge is. mm. */
const LEAST_RADIUS = 0.5;
