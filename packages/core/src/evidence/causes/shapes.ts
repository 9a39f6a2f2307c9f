import type { Marked, Shaken } from '../evidence';
import { both, type Cause, type Reports, type Setting } from './cause';
import { felt, GAPS, holds, seen } from './senses';

type Bands = Readonly<Partial<Record<Marked, number>>>;
type Shake = Readonly<Partial<Record<Shaken, number>>>;

/** Two pictures mixed: the first where the gap shows, the second where it does not. */
function mixed<K extends string>(
  shows: number,
  where: Readonly<Partial<Record<K, number>>>,
  otherwise: K,
): Readonly<Partial<Record<K, number>>> {
  const keys = Object.keys(where) as K[];
  const out: Partial<Record<K, number>> = {};
  for (const key of keys) out[key] = shows * (where[key] ?? 0);
  out[otherwise] = (out[otherwise] ?? 0) + 1 - shows;
  return out;
}

/** A shape with its angle right: what it shows where its gap shows, and how it is felt where it is felt. */
const shape =
  (bands: (s: Setting) => Bands, shake: (s: Setting) => Shake, keepsHold = 1) =>
  (setting: Setting): ReturnType<Cause['faults']> =>
    GAPS.map(({ gap, weight }) => {
      const reports: Reports = {
        bands: mixed(seen(gap), bands(setting), 'full'),
        shake: mixed(felt(gap), shake(setting), 'none'),
        sticks: holds(gap) * keepsHold,
        touches: null,
      };
      return { weight, angle: 0, angleFrom: -setting.band, angleTo: setting.band, reports };
    });

/** It seats on two rings and stands firm, or on one in the middle and rocks. */
const ON_RINGS: Bands = { ends: 0.7, 'two-bands': 0.3 };
const ON_MIDDLE: Bands = { middle: 1 };
const ROCKS: Shake = { both: 0.6, large: 0.2, small: 0.2 };
const FIRM: Shake = { none: 1 };

export const hollow: Cause = {
  id: 'hollow',
  title: { external: 'The shank is hollow.', internal: 'The bore is tight in the middle.' },
  met: both(0.07),
  next: 'Leave the angle. Set the tool exactly to centre height and take a light cut.',
  faults: shape(
    ({ member }) => (member === 'external' ? ON_RINGS : ON_MIDDLE),
    ({ member }) => (member === 'external' ? FIRM : ROCKS),
  ),
};
export const barrelled: Cause = {
  id: 'barrelled',
  title: { external: 'The shank is barrelled.', internal: 'The bore is wide in the middle.' },
  met: both(0.07),
  next: 'Leave the angle. Look for a worn bar or a springing tool; take spring cuts.',
  faults: shape(
    ({ member }) => (member === 'external' ? ON_MIDDLE : ON_RINGS),
    ({ member }) => (member === 'external' ? ROCKS : FIRM),
  ),
};
export const flat: Cause = {
  id: 'flat',
  title: both('There is a flat from lash.'),
  met: both(0.06),
  next: 'Take the lash up before the cone: start the carriage further back. Leave the angle.',
  faults: shape(
    () => ({ 'two-bands': 0.74, ends: 0.18, large: 0.04, small: 0.04 }),
    () => ({ none: 0.6, large: 0.15, small: 0.15, both: 0.1 }),
  ),
};
export const bellMouth: Cause = {
  id: 'bell-mouth',
  title: { external: 'The large end is cut away.', internal: 'The bore is bell-mouthed.' },
  met: { external: 0.015, internal: 0.07 },
  next: 'Leave the angle. Take spring cuts with less stick-out and feed the same way each time; face the mouth back if there is length for it.',
  faults: shape(
    () => ({ 'all-but-large': 0.7, small: 0.15, full: 0.15 }),
    () => ({ large: 0.55, none: 0.45 }),
  ),
};
export const wave: Cause = {
  id: 'wave',
  title: both('It is waved: the lead screw, or what feeds the slide.'),
  met: both(0.03),
  next: 'Leave the angle. Sweep it with the indicator: a wave that repeats with the screw’s lead is the screw’s. Feed by the other slide, or by hand from end to end.',
  faults: shape(
    () => ({ rings: 0.75, 'two-bands': 0.15, ends: 0.05, middle: 0.05 }),
    () => FIRM,
    0.9,
  ),
};
export const chatter: Cause = {
  id: 'chatter',
  title: both('It is chattered: it bears on ridges.'),
  met: both(0.03),
  next: 'Leave the angle. Slower, stiffer, a smaller nose and a finer feed; then try it again, for chatter hides what the cone does.',
  faults: shape(
    () => ({ speckled: 0.85, full: 0.1, spot: 0.05 }),
    () => FIRM,
    0.9,
  ),
};
/** A bruise marks where it is and holds the rest off; what it holds off shakes. */
export const burr: Cause = {
  id: 'burr',
  title: both('A burr, a bruise or dirt holds it off.'),
  met: both(0.06),
  next: 'Clean both, stone the bruise down, and try again before anything is cut.',
  faults: shape(
    () => ({ spot: 0.9, large: 0.06, small: 0.04 }),
    () => ({ large: 0.35, small: 0.35, both: 0.3 }),
    0.85,
  ),
};
