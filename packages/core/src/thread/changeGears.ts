import { firstNotUnder } from '../basics/search';
import { AnelloError } from '../basics/error';
import { finite, positive } from '../basics/check';

/** Wheels from the spindle to the lead screw: each driver turns the driven beside it; two pairs are a compound train. */
export interface GearTrain {
  readonly drivers: readonly number[];
  readonly driven: readonly number[];
  /** What it cuts, mm. */
  readonly pitch: number;
  /** What it cuts less what was wanted, mm a thread. */
  readonly error: number;
}

/**
 * What a train is out by over a whole thread, mm.
 *
 * @example
 * driftOver({ error: 0.001 }, { pitch: 1, length: 25 })
 * // → 0.025
 */
export const driftOver = (
  { error }: Pick<GearTrain, 'error'>,
  thread: { pitch: number; length: number },
): number => (error * thread.length) / thread.pitch;

/** Within this over the whole thread no nut can tell, mm. */
export const UNFELT_DRIFT = 0.01;

interface Pair {
  readonly a: number;
  readonly b: number;
  readonly product: number;
}

/** Fewer teeth do not roll, and no quadrant takes more. */
const FEWEST = 8;
const MOST_TEETH = 400;
const SHOWN = 3;
/** Near products looked at on each side of the wanted one: enough to step over those that use a wheel twice. */
const NEIGHBOURS = 12;

/**
 * Change gears from those owned for a pitch on a lead screw (mm): drivers over driven is pitch over lead. One pair
 * where it does it, otherwise two; the truest first, and of equals the simplest with the smallest wheels. Each wheel is
 * used no oftener than it is owned. Errors: out-of-range, not-finite; underdetermined with fewer than two wheels.
 *
 * @example
 * changeGears({ gears: [20, 40, 60, 80], leadScrew: 4, pitch: 1 })[0]
 * // → { drivers: [20], driven: [80], pitch: 1, error: 0 }
 */
export function changeGears({
  gears,
  leadScrew,
  pitch,
}: {
  gears: readonly number[];
  leadScrew: number;
  pitch: number;
}): GearTrain[] {
  const wanted = positive(pitch, 'pitch', 'The pitch') / positive(leadScrew, 'leadScrew', 'The lead screw');
  if (gears.length < 2)
    throw new AnelloError(
      'underdetermined',
      'gears',
      'Put the change gears owned on the lathe’s record: two at least.',
    );
  gears.forEach((teethOf, i) => {
    if (!(Number.isInteger(finite(teethOf, `gears.${i}`)) && teethOf >= FEWEST && teethOf <= MOST_TEETH))
      throw new AnelloError('out-of-range', `gears.${i}`, 'A wheel has whole teeth: from 8 to 400 of them.');
  });
  const owned = new Map<number, number>();
  for (const gear of gears) owned.set(gear, (owned.get(gear) ?? 0) + 1);
  const found = [...simple(owned, wanted), ...compound(owned, wanted)];
  return found
    .map(({ drivers, driven }) => {
      const cut = (leadScrew * product(drivers)) / product(driven);
      return { drivers, driven, pitch: cut, error: cut - pitch };
    })
    .sort((x, y) => rank(x) - rank(y) || x.drivers.length - y.drivers.length || teeth(x) - teeth(y))
    .slice(0, SHOWN);
}

type Wheels = Pick<GearTrain, 'drivers' | 'driven'>;
const product = (wheels: readonly number[]): number => wheels.reduce((total, teethOf) => total * teethOf, 1);
const teeth = ({ drivers, driven }: Wheels): number => [...drivers, ...driven].reduce((a, b) => a + b, 0);
/** A hundredth of a micrometre a thread is the dust of division. */
const rank = ({ error }: GearTrain): number => Math.round(Math.abs(error) * 1e5);

function simple(owned: ReadonlyMap<number, number>, wanted: number): Wheels[] {
  const sizes = [...owned.keys()];
  return sizes.flatMap((driver) => {
    const driven = nearest(
      sizes.filter((s) => s !== driver || (owned.get(s) ?? 0) > 1),
      driver / wanted,
    );
    return driven === null ? [] : [{ drivers: [driver], driven: [driven] }];
  });
}

function nearest(sizes: readonly number[], wanted: number): number | null {
  return sizes.reduce<number | null>(
    (best, s) => (best === null || Math.abs(s - wanted) < Math.abs(best - wanted) ? s : best),
    null,
  );
}

function compound(owned: ReadonlyMap<number, number>, wanted: number): Wheels[] {
  const pairs = allPairs(owned);
  const products = pairs.map((p) => p.product);
  return pairs.flatMap((drivers) => {
    const at = firstNotUnder(products, drivers.product / wanted);
    const near = pairs.slice(Math.max(0, at - NEIGHBOURS), at + NEIGHBOURS);
    const free = near.filter(
      (driven) => enough(owned, [drivers.a, drivers.b, driven.a, driven.b]) && shares(drivers, driven),
    );
    const best = free.sort(
      (x, y) =>
        Math.abs(drivers.product / x.product - wanted) - Math.abs(drivers.product / y.product - wanted),
    )[0];
    return best ? [{ drivers: [drivers.a, drivers.b], driven: [best.a, best.b] }] : [];
  });
}

/** A wheel that drives and is driven cancels: that train is a simple one. */
const shares = (x: Pair, y: Pair): boolean => x.a !== y.a && x.a !== y.b && x.b !== y.a && x.b !== y.b;

function allPairs(owned: ReadonlyMap<number, number>): Pair[] {
  const sizes = [...owned.keys()].sort((a, b) => a - b);
  return sizes
    .flatMap((a, i) =>
      sizes.slice(i).flatMap((b) => (a === b && (owned.get(a) ?? 0) < 2 ? [] : [{ a, b, product: a * b }])),
    )
    .sort((x, y) => x.product - y.product);
}

function enough(owned: ReadonlyMap<number, number>, used: readonly number[]): boolean {
  return used.every((wheel) => used.filter((w) => w === wheel).length <= (owned.get(wheel) ?? 0));
}
