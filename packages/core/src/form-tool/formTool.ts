import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import type { CurvePoint } from '../curve/piece';
import { feedAndSpeed, overhangOf, type FeedAndSpeed } from '../cutting/feedAndSpeed';
import type { Material, ToolMaterial } from '../kit/material';
import { circularFormTool } from './circularFormTool';
import { flatFormTool } from './flatFormTool';
import { WIDEST_OF_DIAMETER, WIDEST_PLUNGED } from './usual';

export type FormToolKind = 'flat' | 'circular';

export interface FormToolRequest {
  readonly kind: FormToolKind;
  /** Places of the work the tool makes, mm, radius: in order along the axis. */
  readonly work: readonly CurvePoint[];
  readonly rake: number;
  /** Of a flat tool; of a circular one it comes from how high its centre stands. */
  readonly clearance: number;
  /** Largest radius of a circular tool. */
  readonly toolRadius: number;
}

export interface FormToolPoint {
  readonly z: number;
  /** Work's radius there. */
  readonly work: number;
  /** What the tool is made to: depth square to the clearance face, or the disc's own radius. */
  readonly tool: number;
  /** Radius of the work an uncorrected tool would leave wrong by so much, mm. */
  readonly uncorrected: number;
}

export interface FormTool {
  /** Along the edge, without a place named twice. */
  readonly points: readonly FormToolPoint[];
  /** The whole edge that cuts at once, and the thinnest place of the work. */
  readonly width: number;
  readonly thinnest: number;
  /** Most the work would be wrong by on diameter, were the tool made to the work's own figures. */
  readonly uncorrected: number;
}

/**
 * A form tool's own figures for a profile, corrected for rake and clearance, and what leaving the correction out would
 * cost on the work. Errors: as flatFormTool and circularFormTool; underdetermined with fewer than two places.
 *
 * @example
 * formTool({
 *   kind: 'flat',
 *   work: [
 *     { z: 0, r: 10 },
 *     { z: 6, r: 12 },
 *   ],
 *   rake: 0.1,
 *   clearance: 0.15,
 *   toolRadius: 30,
 * }).width
 * // → 6
 */
export function formTool({ kind, work, rake, clearance, toolRadius }: FormToolRequest): FormTool {
  if (work.length < 2)
    throw new AnelloError('underdetermined', 'work', 'A form tool needs two places of the work at least.');
  const places = work.filter((p, i) => i === 0 || p.z !== work[i - 1]?.z || p.r !== work[i - 1]?.r);
  const radii = places.map((p, i) => positive(p.r, `work.${i}`, 'The work’s radius'));
  const smallRadius = Math.min(...radii);
  const tool =
    kind === 'flat'
      ? flatFormTool({ smallRadius, radii, rake, clearance }).depths
      : circularFormTool({ smallRadius, radii, toolRadius, rake, clearance }).toolRadii;
  const plain = (r: number): number => (kind === 'flat' ? r - smallRadius : toolRadius - (r - smallRadius));
  const points = places.map((p, i) => {
    const made = tool[i] ?? 0;
    const off = kind === 'flat' ? plain(p.r) - made : made - plain(p.r);
    return { z: p.z, work: p.r, tool: made, uncorrected: off };
  });
  const along = points.map((p) => p.z);
  return {
    points,
    width: Math.max(...along) - Math.min(...along),
    thinnest: 2 * smallRadius,
    uncorrected: 2 * Math.max(...points.map((p) => Math.abs(p.uncorrected))),
  };
}

export type ChatterRisk = 'low' | 'some' | 'high';

/**
 * How likely a plunge of a width on a diameter, standing out so far, is to chatter: a grade with its reason, no figure.
 * mm. Source: rules of the trade; width against the thinnest place decides, stick-out makes it worse.
 *
 * @example
 * chatterRisk({ width: 6, diameter: 24, stickOut: 40 })
 * // → { risk: 'low', because: 'a narrow edge on stiff work' }
 */
export function chatterRisk({
  width,
  diameter,
  stickOut,
}: {
  width: number;
  diameter: number;
  stickOut: number;
}): { risk: ChatterRisk; because: string } {
  const wide = positive(width, 'width', 'The width') / positive(diameter, 'diameter', 'The diameter');
  const out = positive(stickOut, 'stickOut', 'The stick-out') / diameter;
  if (wide > WIDEST_OF_DIAMETER || width > WIDEST_PLUNGED || out > 4)
    return {
      risk: 'high',
      because:
        wide > 0.8
          ? 'the edge is nearly as wide as the work is thick'
          : out > 4
            ? 'the work stands out more than four diameters'
            : `more than ${WIDEST_PLUNGED} mm of edge cuts at once`,
    };
  if (wide > 0.4 || width > 8 || out > 2.5)
    return {
      risk: 'some',
      because:
        wide > 0.4
          ? 'the edge is wide for this diameter'
          : out > 2.5
            ? 'the work stands out more than two and a half diameters'
            : 'more than 8 mm of edge cuts at once',
    };
  return { risk: 'low', because: 'a narrow edge on stiff work' };
}

/**
 * Speed and feed of a plunge: the whole edge cuts at once, at the work's largest diameter, standing out so far (mm).
 * Errors: out-of-range.
 *
 * @example
 * plungeSpeed({
 *   work: [
 *     { z: 0, r: 10 },
 *     { z: 6, r: 12 },
 *   ],
 *   stickOut: 30,
 *   material: STEEL,
 *   tool: 'hss',
 * }).rpm
 * // → 159.155
 */
export function plungeSpeed({
  work,
  stickOut,
  ...cut
}: {
  work: readonly CurvePoint[];
  stickOut: number;
  material: Material;
  tool: ToolMaterial;
  speeds?: readonly number[] | undefined;
}): FeedAndSpeed {
  const diameter = 2 * Math.max(0, ...work.map((p) => p.r));
  const overhang = overhangOf({ length: stickOut, diameter });
  return feedAndSpeed({ ...cut, diameter, duty: { finishing: false, form: true, overhang } });
}
