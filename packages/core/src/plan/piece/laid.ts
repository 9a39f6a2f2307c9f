import { AnelloError } from '../../basics/error';
import { most } from '../../basics/extent';
import { positive } from '../../basics/check';
import { length } from '../../figure/figure';
import type { Feature } from '../../part/kinds/registry';
import { layoutPart } from '../../part/layout';
import type { Detail, Section } from '../../part/section';
import type { End } from '../../taper/task';
import { acrossCorners, type PlanPart } from './line';
import { swingBlocker } from '../../ways/bedLimits';
import { spindleRefuses } from './spindle';
import { FACING, JAWS_DEEP, PARTING_ROOM, SAME } from './usual';
import { isBore, isCentreHole, isCylinder } from '../../part/kinds/is';

/** A feature where it lies on the axis, with the radii it has. */
export interface Placed extends Section, Partial<Pick<Detail, 'at' | 'on' | 'corner' | 'outside'>> {
  readonly feature: Feature;
  readonly largest: number;
  readonly smallest: number;
}

/** Whether an inside feature opens in the face itself, and not at the bottom of another. */
export const opensInFace = ({ length: whole }: Pick<Laid, 'length'>, s: Placed): boolean =>
  s.from === 'headstock' ? s.z0 <= SAME : s.z1 >= whole - SAME;

/** A part laid along its axis, checked against the bar it is to come out of. */
export interface Laid {
  readonly part: PlanPart;
  readonly length: number;
  readonly sections: readonly Placed[];
  readonly outside: readonly Placed[];
  readonly inside: readonly Placed[];
  /** What lies on those: corners, flats, cross holes, centres. */
  readonly details: readonly Placed[];
  /** All of it. */
  readonly all: readonly Placed[];
  readonly byId: ReadonlyMap<string, Placed>;
  /** Half of what the bar measures across. */
  readonly barRadius: number;
  readonly holeRadius: number;
}

/** From the face toward an end to the far side of a section, and to its near one, mm. */
export const farFrom = ({ length }: Pick<Laid, 'length'>, s: Section, end: End): number =>
  end === 'tailstock' ? length - s.z0 : s.z1;
export const nearFrom = ({ length }: Pick<Laid, 'length'>, s: Section, end: End): number =>
  end === 'tailstock' ? length - s.z1 : s.z0;

export const other = (end: End): End => (end === 'headstock' ? 'tailstock' : 'headstock');

/**
 * Lays a part along its axis and checks that its bar holds it. Errors: the first feature's that does not add up, at
 * `features.N.field`; impossible at the stock's field when the bar is too thin, too short, or its hole too wide.
 */
export function layOut(part: PlanPart): Laid {
  const { features, stock } = part;
  const layout = layoutPart(features);
  features.forEach((feature, i) => {
    const problem = layout.problems.get(feature.id);
    if (problem) throw new AnelloError(problem.code, `features.${i}.${problem.field ?? ''}`, problem.phrase);
  });
  const placed = (section: Section): Placed => {
    // The cone a drill leaves at the bottom ends in a point, which is not how narrow the hole is.
    const radii = section.points.map((p) => p.r).filter((r) => !isBore(section) || r > SAME);
    return {
      ...section,
      feature: features.find((f) => f.id === section.id) as Feature,
      largest: most(radii),
      smallest: -most(radii.map((r) => -r)),
    };
  };
  const sections = layout.sections.map(placed);
  const details = layout.details.map(placed);
  const laid: Laid = {
    part,
    length: layout.length,
    sections,
    outside: sections.filter((s) => s.side === 'external'),
    inside: sections.filter((s) => s.side === 'internal'),
    details,
    all: [...sections, ...details],
    byId: new Map([...sections, ...details].map((s) => [s.id, s])),
    barRadius: positive(stock.across, 'stock.across', 'What the bar measures across') / 2,
    holeRadius: (stock.bore ?? 0) / 2,
  };
  checkStock(laid);
  return laid;
}

function checkStock({ part, length: whole, outside, inside, barRadius, holeRadius }: Laid): void {
  const { stock, lathe } = part;
  const refuse = (field: string, said: AnelloError['phrase']): never => {
    throw new AnelloError('impossible', `stock.${field}`, said);
  };
  if (outside.length === 0)
    throw new AnelloError(
      'underdetermined',
      'features',
      'The part needs an outside before it can be planned.',
    );
  const thickest = most(outside.map((s) => s.largest + Math.abs(s.offset)));
  if (thickest > barRadius + SAME)
    refuse('across', [
      'The part measures ',
      length(2 * thickest, 0.01),
      ' across: this bar is too thin for it.',
    ]);
  const swings = swingBlocker(lathe, acrossCorners(stock), true);
  if (swings) refuse('across', swings);
  if (positive(stock.length, 'stock.length', 'The bar’s length') < whole - SAME)
    refuse('length', ['The part is ', length(whole, 0.01), ' long: this bar is too short for it.']);
  const through = spindleRefuses(lathe, stock);
  const held = whole + FACING + PARTING_ROOM + JAWS_DEEP;
  if (through && stock.length > held + SAME)
    refuse('length', [...through, ': sawn to ', length(held, 1), ' at most, it can be held.']);
  if (stock.bore === undefined) return;
  positive(stock.bore, 'stock.bore', 'The hole in the bar');
  const covered = inside.reduce((sum, s) => sum + (s.z1 - s.z0), 0);
  if (covered < whole - SAME || inside.some((s) => s.smallest < holeRadius - SAME))
    refuse('bore', ['The hole in this bar is wider than the part’s own somewhere along it.']);
}

/** A diameter that the bar has already: left as it is, there is nothing to turn. */
export const leftAsBar = ({ part: { stock }, barRadius }: Laid, section: Placed): boolean =>
  isCylinder(section) &&
  section.side === 'external' &&
  stock.shape === 'round' &&
  Math.abs(section.largest - barRadius) <= SAME;

/** What a detail lies on; anything else itself. */
export const ridesOn = ({ byId }: Pick<Laid, 'byId'>, section: Placed): Placed =>
  (section.on ? byId.get(section.on) : undefined) ?? section;

/** The end whose face a detail is at, so that it is worked from there; null where it is at neither. */
export function faceOf({ length: whole }: Pick<Laid, 'length'>, section: Placed): End | null {
  if (section.at === undefined || (section.corner === undefined && !isCentreHole(section))) return null;
  if (section.z0 <= SAME && section.at === 'headstock') return 'headstock';
  return section.z1 >= whole - SAME && section.at === 'tailstock' ? 'tailstock' : null;
}

/** What a corner stands between: its feature, and what is beside that where it ends. */
export function besideCorner(laid: Laid, corner: Placed): readonly Placed[] {
  const host = ridesOn(laid, corner);
  const z = corner.at === 'headstock' ? host.z0 : host.z1;
  const next = laid.sections.find(
    (s) => s !== host && s.side === host.side && (Math.abs(s.z0 - z) <= SAME || Math.abs(s.z1 - z) <= SAME),
  );
  return next ? [host, next] : [host];
}
