import fc from 'fast-check';
import { expect, it } from 'vitest';
import { seriesOf } from './series';
import { drawingOf } from './shapes';

const drawing = (travel: readonly number[]) =>
  drawingOf(seriesOf({ travel, reading: travel.map(() => 0), expectedSlope: 0 }));

it('the first reading beyond a place is the one after those at it', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 10, maxLength: 40 }),
      fc.integer({ min: -3, max: 220 }),
      (gaps, place) => {
        let at = 0;
        const travel = [0, ...gaps.map((gap) => (at += gap))];
        const found = drawing(travel).beyond(place);
        const beyond = travel.findIndex((one) => one > place);
        expect(found).toBe(beyond < 0 ? travel.length : beyond);
        expect(drawing(travel).beyond(-Infinity)).toBe(0);
      },
    ),
  );
});
it('asked again it is the same, and another place is not taken for it', () => {
  const of = drawing([0, 1, 2, 3, 4, 5, 6, 7, 8, 9]);
  expect([of.beyond(3), of.beyond(3.5), of.beyond(3), of.beyond(8)]).toEqual([4, 4, 4, 9]);
});
