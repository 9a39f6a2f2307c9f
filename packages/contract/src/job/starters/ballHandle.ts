import type { FeatureDocument } from '../feature/schema';
import { cylinder, mm, profile } from './features';
import { ask, type Starter } from './starter';

/** A ball on its stem. */
export const ballHandle: Starter = {
  id: 'ball',
  name: 'Ball handle',
  asks: [
    ask('ball', 'Ball, diameter', '32 mm'),
    ask('stem', 'Stem, diameter', '12 mm'),
    ask('long', 'Stem, length', '30 mm'),
  ],
  make: ({ figure }) => {
    const radius = figure('ball').value / 2;
    const stem = Math.min(figure('stem').value, figure('ball').value);
    // The ball begins where the stem meets it, and ends in a flat left for the last cut off.
    const behind = Math.sqrt(Math.max(0, radius ** 2 - (stem / 2) ** 2));
    const flat = FLAT * stem;
    const before = Math.sqrt(Math.max(0, radius ** 2 - (flat / 2) ** 2));
    const ball = profile('Ball', [
      [mm(0), figure('stem')],
      [mm(behind), figure('ball'), 'arc'],
      [mm(behind + before), mm(flat), 'arc'],
    ]);
    return {
      title: `Ball handle, ${figure('ball').typed}`,
      mate: '',
      features: [
        cylinder('Stem', figure('stem'), figure('long')),
        {
          ...ball,
          points: ball.points.map((p) => (p.run ? { ...p, radius: mm(radius), bulge: 'out' } : p)),
        } as FeatureDocument,
      ],
    };
  },
};
const FLAT = 0.5;
