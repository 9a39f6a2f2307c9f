import { shownBy } from './angle';
import { both, type Cause } from './cause';

/** Part and gauge at different temperatures: the shape is right, the size and the stand-off are not. */
export const warm: Cause = {
  id: 'warm',
  title: both('Part and gauge are at different temperatures: the size will change.'),
  met: both(0.013),
  next: 'Let both lie together until they are as warm as each other, and try again. Do not leave a warm part stuck in its mate.',
  faults: (setting) => [
    {
      weight: 1,
      angle: 0,
      angleFrom: -setting.band,
      angleTo: setting.band,
      reports: shownBy(0.4 * setting.band, setting),
    },
  ],
};
