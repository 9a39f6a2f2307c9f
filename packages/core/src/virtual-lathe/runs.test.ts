import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeVirtualLathe, type LatheAction } from '.';
import { all, radius, RUNS } from './quietLathe.testdata';

describe('a run', () => {
  const ACTIONS: readonly LatheAction[] = [
    { do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 110 }, out: 80 },
    { do: 'tool', side: 'outside', nose: 0.4 },
    { do: 'touch' },
    { do: 'turn', handle: 'carriage', by: 30 },
    { do: 'turn-to', handle: 'cross', to: 0.6 },
    { do: 'turn', handle: 'carriage', by: -60 },
    { do: 'measure', at: 60, side: 'outside' },
    { do: 'sweep', on: 'work', handle: 'carriage', by: 20, count: 30 },
  ];
  it('is the same on the same seed, and another on another', () => {
    const run = (seed: number): string => {
      const lathe = makeVirtualLathe({ seed, level: 5 });
      return JSON.stringify(ACTIONS.map((action) => lathe.act(action)));
    };
    expect(run(3)).toBe(run(3));
    expect(run(3)).not.toBe(run(4));
  });
  it('is done again from its log', () => {
    const first = all(makeVirtualLathe({ seed: 11 }), ACTIONS);
    const again = all(makeVirtualLathe({ seed: 11 }), first.log);
    expect(again.seconds).toBe(first.seconds);
    expect(radius(again, 60)).toBe(radius(first, 60));
    expect(first.seconds).toBeGreaterThan(100);
  });
  it('shows nothing that is hidden but what its truth tells, whatever is done', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(1, 3, 5), (seed, level) => {
        const lathe = all(makeVirtualLathe({ seed, level: level as 1 | 3 | 5 }), ACTIONS);
        const { outline } = lathe.scene();
        for (const r of outline!.outside) expect(r).toBeGreaterThan(10);
        for (const size of Object.values(lathe.reveal().faults)) expect(Number.isFinite(size)).toBe(true);
      }),
      RUNS,
    );
  });
  it('refuses what no lathe does', () => {
    const lathe = makeVirtualLathe({ seed: 1 });
    const refused = (action: LatheAction): unknown => {
      try {
        return lathe.act(action);
      } catch (error) {
        return (error as { field: string }).field;
      }
    };
    expect(refused({ do: 'hold', by: 'three-jaw', out: 40 })).toBe('blank');
    expect(refused({ do: 'jaw', jaw: 1, by: 0.1 })).toBe('jaw');
    expect(refused({ do: 'turn', handle: 'cross', by: NaN })).toBe('by');
    expect(refused({ do: 'hold', by: 'three-jaw', blank: { diameter: 20, length: 30 }, out: 40 })).toBe(
      'out',
    );
    expect(() => makeVirtualLathe({ seed: 1, level: 9 as 5 })).toThrow(/0 to 5/);
  });
});

describe('what cannot be done', () => {
  const ready = () => {
    const lathe = makeVirtualLathe({ seed: 3, level: 0 });
    lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 30, length: 140 }, out: 100 });
    return lathe;
  };
  it.each<[string, LatheAction]>([
    ['to', { do: 'set', device: 'compound', to: 1e9 }],
    ['to', { do: 'set', device: 'tailstock', to: -400 }],
    ['at', { do: 'measure', at: 1e6, side: 'outside' }],
    ['at', { do: 'rule', at: -3, side: 'outside' }],
    ['diameter', { do: 'ball', diameter: 1e-9 }],
    ['diameter', { do: 'rollers', diameter: 1e9, blocks: 0 }],
    ['blocks', { do: 'rollers', diameter: 10, blocks: 1e6 }],
    ['to', { do: 'set', device: 'attachment', to: NaN }],
  ])('is refused at %s, and is no part of the run', (field, action) => {
    const lathe = ready();
    expect(() => lathe.act(action)).toThrow(expect.objectContaining({ field }));
    expect(lathe.log).toHaveLength(1);
    // Nor does it take time.
    expect(lathe.seconds).toBe(ready().seconds);
  });
});
