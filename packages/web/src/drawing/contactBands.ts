import type { Contact } from '@anello/core/gauging';

type Band = readonly [number, number];

const RINGS = 6;
const every = (count: number, from: number, width: number): Band[] =>
  Array.from({ length: count }, (_, i) => [from + i / count, from + i / count + width]);

/** Where the marking shows on a cone, from its large end, in parts of its length. */
export const CONTACT_BANDS: Readonly<Record<Contact, readonly Band[]>> = {
  large: [[0, 0.28]],
  small: [[0.72, 1]],
  middle: [[0.36, 0.64]],
  ends: [
    [0, 0.2],
    [0.8, 1],
  ],
  full: [[0, 1]],
  'two-bands': [
    [0.02, 0.36],
    [0.62, 0.96],
  ],
  spot: [[0.46, 0.54]],
  'all-but-large': [[0.24, 1]],
  rings: every(RINGS, 0.04, 0.07),
  speckled: every(3 * RINGS, 0.015, 0.018),
};
