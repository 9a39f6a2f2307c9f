import { count, length } from '../../figure/figure';
import { leftAsBar } from '../piece/laid';
import { isRaw, roughed } from '../piece/piece';
import { STAIRCASE_WORTH } from '../piece/usual';
import type { Laid, Placed } from '../piece/laid';
import type { OutlinePoint } from '../../part/kinds/outline';
import { cuttingMinutes } from './speed';
import { PLAIN, type KindOfOperation } from './kind';

const STEPS = 6;
/** Left over the cone for the angle to be proved on, on radius. */
const OVER = 0.3;

/** Shoulders under the bar and over the cone, from its large end down. */
function shoulders({ barRadius }: Laid, { points }: Placed): OutlinePoint[] {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return [];
  const rising = last.r > first.r;
  const step = (last.z - first.z) / STEPS;
  return Array.from({ length: STEPS }, (_, i) => {
    const from = first.z + i * step;
    const share = (rising ? i + 1 : i) / STEPS;
    const r = Math.min(barRadius, first.r + (last.r - first.r) * share + OVER);
    return [
      { z: from, r },
      { z: i === STEPS - 1 ? last.z : from + step, r },
    ];
  }).flat();
}

/** Whether a cone has enough on it to be worth shoulders. */
export const wantsStaircase = (laid: Laid, section: Placed): boolean =>
  section.kind === 'taper' &&
  section.side === 'external' &&
  2 * (laid.barRadius - section.smallest) > STAIRCASE_WORTH &&
  !leftAsBar(laid, section);

export const staircase: KindOfOperation = {
  ...PLAIN,
  kind: 'staircase',
  name: 'Staircase',
  on: 'features',
  works: [{ kind: 'taper', side: 'external' }],
  before: ['Slides square again: these are plain cuts.'],
  rank: () => 100,
  needed: wantsStaircase,
  wrong: () => [],
  after: ({ piece }, section) =>
    section && isRaw(piece, section) ? roughed(piece, [[section.id, shoulders(piece.laid, section)]]) : piece,
  say: (_laid, section) =>
    section
      ? ['Rough it by ', count(STEPS), ' shoulders, ', length(2 * OVER, 0.1), ' over the cone']
      : ['Rough by shoulders'],
  minutes: (laid, section) =>
    section ? cuttingMinutes((section.z1 - section.z0) / 2, laid.barRadius - section.smallest) : 5,
};
