import { plainText } from '@anello/core/figure';
import { describe, expect, it } from 'vitest';
import { HOLD_METHODS, type HoldMethod } from './holdMethods';

const RES = 0.01;
const methodOf = (id: string): HoldMethod => HOLD_METHODS.find((one) => one.id === id)!;
const spaced = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');
const said = (id: string, rounds: number[][], distances: number[] = []): string[] =>
  methodOf(id)
    .says(rounds, distances, RES)
    .map((phrase) => spaced(plainText(phrase)));
/** What a needle shows at a method's places, the work's axis so far from the spindle's. */
const reads = (id: string, x: number, y: number, base = 0): number[] =>
  methodOf(id).places.map(({ direction }) => base + x * Math.cos(direction) + y * Math.sin(direction));

describe('ways of reading held work', () => {
  it.each(HOLD_METHODS.map((one) => [one.title, one] as const))(
    '%s has places of its own names all round, and says what to do at each round',
    (_title, { places, rounds, how, id }) => {
      expect(new Set(places.map(({ label }) => label)).size).toBe(places.length);
      const turned = places.map(
        ({ direction }) => ((direction % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI),
      );
      const sorted = [...turned].sort((a, b) => a - b);
      sorted.slice(1).forEach((d, i) => expect(d - sorted[i]!).toBeCloseTo((2 * Math.PI) / places.length, 9));
      expect(new Set(rounds).size).toBe(rounds.length);
      expect(how).toMatch(/\.$/);
      expect(HOLD_METHODS.filter((one) => one.id === id)).toHaveLength(1);
    },
  );

  it('rim and face: the rim tells the offset, the face the tilt, whatever the needle stands at', () => {
    const rim = reads('rim-face', 0.12, 0, 3);
    // The face stands out toward jaw 2 by 0.05 at a radius of 25: a five-hundredth, 0.115 of a degree.
    const face = reads('rim-face', 0, 0.05, 1);
    const [offset, tilt] = said('rim-face', [rim, face], [25]);
    expect(offset).toBe('Off centre by 0.12 mm toward jaw 1: the jaws.');
    expect(tilt).toMatch(/^Tilted: the face stands out 6′5[23]″ toward jaw 2: tap that side home/);
  });

  it('near and far: the jaws for the near end, a hammer for the far one', () => {
    const [near, far] = said('near-far', [reads('near-far', 0, -0.03), reads('near-far', 0, 0.17)], [150]);
    expect(near).toBe('Near the jaws it is off by 0.03 mm toward jaw 4.');
    expect(far).toBe('The far end leans 0.20 mm toward jaw 2: tap it back by as much with a soft hammer.');
  });

  it('turned half round: what stays is the spindle’s, what goes round with the piece is the piece’s', () => {
    const [first, turned] = [reads('turned', 0.03 + 0.08, 0), reads('turned', 0.03 - 0.08, 0)];
    expect(said('turned', [first, turned])).toEqual([
      'The spindle’s own part: 0.03 mm toward jaw 1.',
      'The piece’s or the collet’s part: 0.08 mm toward jaw 1.',
    ]);
    expect(said('turned', [reads('turned', 0, 0), reads('turned', 0, 0)])).toEqual([
      'The spindle’s own part: nothing that can be seen.',
      'The piece’s or the collet’s part: nothing that can be seen.',
    ]);
  });

  it.each(['square', 'hex'])('%s bar: off centre by its corners, which may differ themselves', (id) => {
    const [off, differ] = said(id, [reads(id, 0, 0.1, 12)]);
    expect(off).toBe('Off centre by 0.10 mm toward jaw 2: move it back by as much.');
    expect(differ).toBe('The corners themselves differ by 0.00 mm; no jaw cures that.');
    const bad = reads(id, 0, 0.1, 12);
    bad[0]! += 0.2;
    bad[bad.length / 2]! += 0.2;
    expect(said(id, [bad])[1]).not.toMatch(/by 0\.00 mm/);
  });

  it('right round tells what is off its axis from what is oval', () => {
    const off = said('right-round', [reads('right-round', 0.1, 0)]).join(' ');
    expect(off).toMatch(/0\.10 mm/);
    expect(off).toMatch(/jaw 1/);
    const oval = methodOf('right-round').places.map(({ direction }) => 0.1 * Math.cos(2 * direction));
    expect(said('right-round', [oval]).join(' ')).not.toBe(off);
    for (const line of said('right-round', [oval])) expect(line).toMatch(/[.]$/);
  });

  it('a stick shows a punch mark larger, and turned over', () => {
    // The mark 0.05 toward jaw 1; pivot 20 from it, needle 200 beyond: ten times as much, the other way.
    const needle = reads('stick', -0.5, 0, 4);
    expect(said('stick', [needle], [20, 200])).toEqual([
      'The punch mark is off by 0.05 mm toward jaw 1.',
      'The stick shows it 10.0 times larger, and turned over.',
    ]);
  });

  it.each([
    ['rim-face', 'faceRadius'],
    ['near-far', 'apart'],
    ['stick', 'short'],
  ])('%s without its distance says at which box', (id, field) => {
    const rounds = methodOf(id).rounds.map(() => reads(id, 0.1, 0));
    expect(() => said(id, rounds, [])).toThrow(expect.objectContaining({ field }));
  });
});
