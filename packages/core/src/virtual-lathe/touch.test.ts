import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeVirtualLathe, type LatheAction, type VirtualLathe } from '.';
import { all } from './quietLathe.testdata';

/** Half a hundredth at a time, looking for chips each time, as a hand would that knew nothing of where the metal is. */
function feltFor(lathe: VirtualLathe, toward: number): void {
  for (let i = 0; i < 40_000; i++)
    if (lathe.act({ do: 'turn', handle: 'cross', by: toward }).chips?.seen !== 'none') return;
}

const after = (side: 'outside' | 'inside'): readonly LatheAction[] => [
  { do: 'turn', handle: 'carriage', by: 12 },
  { do: 'turn', handle: 'carriage', by: -12 },
  { do: 'measure', at: 60, side },
  { do: 'turn', handle: 'carriage', by: -20 },
  { do: 'measure', at: 60, side },
];

describe('touching off', () => {
  const bar = fc.record({
    seed: fc.integer({ min: 1, max: 1e6 }),
    level: fc.constantFrom(0, 3, 5),
    diameter: fc.double({ min: 12, max: 70, noNaN: true }),
    along: fc.integer({ min: -45, max: 10 }),
    nose: fc.constantFrom(0.2, 0.8, 4),
  });
  /** Paper is found and held against the work first, s. */
  const READY = 15;
  const same = (side: 'outside' | 'inside', one: VirtualLathe, other: VirtualLathe): void => {
    expect(one.seconds - other.seconds).toBeCloseTo(READY, 6);
    const did = (lathe: VirtualLathe) => JSON.stringify(after(side).map((action) => lathe.act(action)));
    expect(did(one)).toBe(did(other));
    expect(one.reveal().outline(side, 60)).toBe(other.reveal().outline(side, 60));
  };

  it('ends where an edge does that is looked at all the way', () => {
    fc.assert(
      fc.property(bar, ({ seed, level, diameter, along, nose }) => {
        const [one, other] = [0, 1].map(() =>
          all(makeVirtualLathe({ seed, level: level as 0 | 3 | 5 }), [
            { do: 'hold', by: 'three-jaw', blank: { diameter, length: 110 }, out: 80 },
            { do: 'tool', side: 'outside', nose },
            { do: 'turn', handle: 'carriage', by: along },
          ]),
        ) as [VirtualLathe, VirtualLathe];
        one.act({ do: 'touch' });
        feltFor(other, 0.005);
        same('outside', one, other);
      }),
      { numRuns: 8 },
    );
  });
  it('in a bore goes outward, and finds its wall', () => {
    const [one, other] = [0, 1].map(() =>
      all(makeVirtualLathe({ seed: 4, level: 3 }), [
        { do: 'hold', by: 'three-jaw', blank: { diameter: 60, length: 110, bore: 30 }, out: 80 },
        { do: 'tool', side: 'inside', nose: 0.4, barDiameter: 12 },
        { do: 'turn', handle: 'cross', by: 70 },
      ]),
    ) as [VirtualLathe, VirtualLathe];
    expect(one.act({ do: 'touch' }).chips?.seen).toBe('cutting');
    feltFor(other, -0.005);
    same('inside', one, other);
  });
  it('meets nothing where nothing stands in its way', () => {
    const lathe = all(makeVirtualLathe({ seed: 1 }), [
      { do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 110 }, out: 80 },
      { do: 'turn', handle: 'carriage', by: 60 },
    ]);
    expect(lathe.act({ do: 'touch' }).chips?.seen).toBe('none');
  });
});
