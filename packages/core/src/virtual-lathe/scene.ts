import type { LatheState } from './lathe';
import { GRID } from './metal/piece';

/** What stands where, to be drawn from and not read: angles and set-over no nearer than an eye tells them. */
export interface Scene {
  readonly tool: {
    readonly z: number;
    readonly x: number;
    readonly side: 'outside' | 'inside';
    readonly nose: number;
    /** Of a form tool, its edge: how far back it stands at a distance from its middle, as an eye tells. */
    readonly form: readonly { readonly z: number; readonly back: number }[] | null;
    /** How a rule nipped between edge and work leans: its head over upright, toward the operator, rad. */
    readonly ruleLeans: number;
  };
  readonly held: { readonly by: string; readonly out: number; readonly centre: boolean } | null;
  /** Outline as an eye sees it, from the chuck's face: z, and radii outside and inside. */
  readonly outline: {
    readonly z: Float64Array;
    readonly outside: Float64Array;
    readonly inside: Float64Array;
  } | null;
  readonly spindleAt: number;
  readonly turns: number;
  readonly attachment: { readonly engaged: boolean; readonly angle: number };
  readonly compoundAngle: number;
  readonly setOver: number;
  /** How far the tailstock's barrel stands out. */
  readonly barrel: number;
}

export function sceneOf(state: LatheState): Scene {
  const { tool, held, piece } = state;
  return {
    tool: { ...state.at, side: tool.side, nose: tool.nose, form: formOf(state), ruleLeans: ruleLeans(state) },
    held: held && { by: held.by, out: held.out, centre: held.supported },
    outline: piece && held ? outlineOf(state) : null,
    spindleAt: state.spindleAt,
    turns: state.turns,
    attachment: { engaged: state.attachment.engaged, angle: toAnEye(state.attachment.trueAngle, DEGREE / 4) },
    compoundAngle: toAnEye(state.swung, DEGREE / 2),
    setOver: toAnEye(state.setOver, 0.5),
    barrel: toAnEye(state.barrel, 1),
  };
}

const DEGREE = Math.PI / 180;
const EDGE_PLACES = 8;
function formOf({ tool: { form } }: LatheState): Scene['tool']['form'] {
  if (!form) return null;
  const step = (2 * form.halfWidth) / EDGE_PLACES;
  return Array.from({ length: EDGE_PLACES + 1 }, (_, i) => {
    const z = -form.halfWidth + i * step;
    return { z, back: toAnEye(form.backAt(z), 0.25) };
  });
}
/** A rule between a point and a round lies square to the line from the axis to that point. */
function ruleLeans({ height, piece, held, at }: LatheState): number {
  const radius = piece && held ? piece.blank.diameter / 2 : Math.abs(at.x);
  return toAnEye(Math.asin(Math.max(-1, Math.min(1, height / Math.max(1, radius)))), DEGREE / 4);
}
const toAnEye = (value: number, step: number): number => Math.round(value / step) * step;

function outlineOf(state: LatheState): Scene['outline'] {
  const { piece } = state;
  if (!piece) return null;
  const first = state.index(0);
  const count = piece.count - first;
  const along = (of: (i: number) => number): Float64Array =>
    Float64Array.from({ length: count }, (_, k) => of(first + k));
  return {
    z: along((i) => state.zOf(i, GRID)),
    outside: along((i) => piece.radius('outside', i)),
    inside: along((i) => piece.radius('inside', i)),
  };
}
