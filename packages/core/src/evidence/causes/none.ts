import { CONTACTS } from '../../gauging/contact';
import { both, type Cause } from './cause';

const evenly = Object.fromEntries(CONTACTS.map((c) => [c, 1 / CONTACTS.length]));

/** Its angle, if that is out too, lies within this many bands. */
const ANYWHERE = 60;

/** Something that is not in this list: anything might be seen. */
export const none: Cause = {
  id: 'none',
  title: both('None of these: what was seen does not go with any cause known here.'),
  met: both(0.013),
  next: 'Clean both, look at each with a glass, and make the try again from the start before anything is cut.',
  faults: ({ band }) => [
    {
      weight: 1,
      angle: 0,
      angleFrom: -ANYWHERE * band,
      angleTo: ANYWHERE * band,
      reports: {
        bands: evenly,
        shake: { large: 0.25, small: 0.25, both: 0.25, none: 0.25 },
        sticks: 0.5,
        touches: null,
      },
    },
  ],
};
