import type { Member } from '../../taper/task';
import type { ConeEnd } from '../evidence';
import { both, type Cause, type Fault, type Reports, type Setting } from './cause';
import { felt, holds, seen } from './senses';

const other = (end: ConeEnd): ConeEnd => (end === 'large' ? 'small' : 'large');
/** A shank too steep touches at its large end; a bore too steep at its small end; and the other way about. */
const touchesAt = (member: Member, angle: number): ConeEnd =>
  (member === 'external') === angle > 0 ? 'large' : 'small';

/** What a cone whose half angle is out by `angle` shows: it touches at one end, and gapes at the other. */
export function shownBy(angle: number, { member, length }: Setting): Reports {
  const gap = 2 * Math.abs(angle) * length;
  const touches = touchesAt(member, angle);
  const [bare, loose] = [seen(gap), felt(gap)];
  return {
    bands: { [touches]: bare, full: 1 - bare },
    shake: { [other(touches)]: loose, none: 1 - loose },
    sticks: holds(gap),
    touches: gap > 0 ? touches : null,
  };
}

/** Wrong angles are out by anything from the good-enough band on, each step larger than the last by this. */
const STEP = 1.5;
const STEPS = 15;
/** When they are out they are out by about this many bands more, as a rule. */
const OUT_BY = 7;
/** None is out of the question. */
const RARE = 1e-3;
const OUT = Array.from({ length: STEPS }, (_, i) => ({
  from: STEP ** i,
  to: STEP ** (i + 1),
  weight: Math.exp((1 - STEP ** i) / OUT_BY) - Math.exp((1 - STEP ** (i + 1)) / OUT_BY) + RARE,
}));
const whole = OUT.reduce((sum, o) => sum + o.weight, 0);
/** Right angles lie anywhere in the band. */
const WITHIN = [-1, -0.6, -0.2, 0.2, 0.6];
const WITHIN_STEP = 0.4;

function between(from: number, to: number, weight: number, setting: Setting): Fault {
  const [angleFrom, angleTo] = [from * setting.band, to * setting.band];
  const angle = Math.sign(from + to) * Math.sqrt(Math.abs(from * to)) * setting.band;
  return { weight, angle, angleFrom, angleTo, reports: shownBy(angle, setting) };
}

const outBy = (sign: 1 | -1, setting: Setting): Fault[] =>
  OUT.map(({ from, to, weight }) =>
    sign === 1 ? between(from, to, weight / whole, setting) : between(-to, -from, weight / whole, setting),
  );

export const right: Cause = {
  id: 'right',
  title: both('The angle is right.'),
  met: both(0.3),
  next: 'Leave the setting alone: only size is left.',
  faults: (setting) => WITHIN.map((from) => between(from, from + WITHIN_STEP, 1 / WITHIN.length, setting)),
};
export const tooSteep: Cause = {
  id: 'too-steep',
  title: { external: 'The shank is too steep.', internal: 'The bore is too steep.' },
  met: both(0.17),
  next: 'Bring the setting back to a smaller angle.',
  faults: (setting) => outBy(1, setting),
};
export const tooShallow: Cause = {
  id: 'too-shallow',
  title: { external: 'The shank is too shallow.', internal: 'The bore is too shallow.' },
  met: both(0.17),
  next: 'Bring the setting on to a larger angle.',
  faults: (setting) => outBy(-1, setting),
};
