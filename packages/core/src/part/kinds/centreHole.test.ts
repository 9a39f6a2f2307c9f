import { expect, it } from 'vitest';
import { usualPilot } from './centreHole';

it.each([
  // Mouths of ISO 866, each by its own drill, and what is drawn between them by the nearest.
  [1.06, 0.5],
  [2.12, 1],
  [3.35, 1.6],
  [4.25, 2],
  [6.7, 3.15],
  [13.2, 6.3],
  [4, 2],
  [5.9, 2.5],
  [6, 3.15],
  [8, 4],
  [40, 10],
  [0.2, 0.5],
])('a mouth of %d mm is by the drill with a pilot of %d', (mouth, pilot) =>
  expect(usualPilot(mouth)).toBe(pilot),
);
