import { describe, expect, it } from 'vitest';
import { plainText, type Phrase } from '../../figure/phrase';
import { BAR_TASK } from '../exercises/bar';
import { bar } from './bar';
import { find } from './find';
import type { Taken } from './taken';

const at = (over: Partial<Taken>): Taken => ({
  reading: 0,
  cross: 0,
  spindle: 0,
  carriage: 0,
  bar: 0,
  ...over,
});
const said = (phrase: Phrase): string => plainText(phrase).replaceAll('\u00a0', ' ');

describe('what is wrong with a lathe, look by look', () => {
  /** Turned half round where it stands, and the needle with it; then one way. The dial reads diameter. */
  const run = (moves: (across: number) => number): Taken[] => [
    at({ reading: moves(0) }),
    at({ reading: moves(0), spindle: Math.PI }),
    ...Array.from({ length: 9 }, (_, i) => at({ cross: i + 1, reading: moves((i + 1) / 2) })),
  ];
  it('is its screw, where the needle goes up and down along its way', () => {
    const swung = said(find(run((across) => across + 0.02 * Math.sin(2 * across))));
    expect(swung).toContain('swings with its screw');
    // Off a straight line through the middle of all, the line's own height and slope are no swing.
    expect(said(find(run((across) => 3 + 1.5 * across)))).not.toContain('screw');
  });
  it('is its dial, where the slide goes another way than it says, by how much', () => {
    expect(said(find(run((across) => 3 + 1.02 * across)))).toBe(
      'For each 1 mm the dial promises it moves 1.020 mm: the dial does not tell the truth.',
    );
  });
  it('is nothing yet where it goes straight and true', () => {
    expect(said(find(run((across) => 3 + across)))).toContain('Straight and true one way');
  });
});

describe('where a bar stands, from a needle along it', () => {
  const slope = Math.tan(BAR_TASK.halfAngle);
  const along = (rises: number): Taken[] =>
    [10, 30, 75].map((carriage) => at({ carriage, reading: 2 + rises * carriage }));
  it('is the slope of the straight line through all of it', () => {
    expect(said(bar(along(slope)))).toMatch(/leave it/);
    const off = bar(along(1.2 * slope));
    const [is] = off.flatMap((one) => (typeof one === 'string' ? [] : [one.value]));
    expect(is).toBeCloseTo(Math.atan(1.2 * slope), 9);
    expect(said(off)).toContain('shallower');
    expect(said(bar(along(0.8 * slope)))).toContain('steeper');
  });
});
