import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HONEST_KINDS } from './approachKinds.testdata';
import { seeded } from '../machine/seeded';
import { gainShown, latheLore, nextInfeed, type GainShown, type Lore } from '.';
import { workToLine } from './workToLine.testdata';
import { weighedBy } from './lore';
import { BEHAVIOURS } from './behaviours/registry';

const NOW = '2026-11-26T12:00:00.000Z';
const ago = (days: number): string => new Date(Date.parse(NOW) - days * 86_400_000).toISOString();
const shown = (gain: number, days = 0): GainShown => ({
  gain,
  variance: 4e-4,
  lash: 0,
  wear: 0,
  at: ago(days),
});

describe('what earlier approaches say of a lathe’s tools', () => {
  it('is what each showed, averaged, with less weight when old', () => {
    const fresh = latheLore([shown(0.9), shown(0.9)], NOW)!;
    expect(fresh).toMatchObject({ approaches: 2, latest: NOW });
    expect(fresh.gain).toBeCloseTo(0.9, 9);
    expect(latheLore([shown(0.9), shown(0.6, 1800)], NOW)!.gain).toBeGreaterThan(0.89);
    const mixed = [shown(0.9, 30), shown(0.9, 2), shown(0.9, 90)];
    expect(latheLore(mixed, NOW)!.latest).toBe(ago(2));
    expect(latheLore(mixed.reverse(), NOW)!.latest).toBe(ago(2));
    expect(latheLore([shown(0.9, 180)], NOW)!.believed).toBeLessThan(latheLore([shown(0.9)], NOW)!.believed);
  });
  it('is believed the more of it there is, never wholly, and is as wide as they differ', () => {
    const believed = [1, 3, 10, 100].map((n) => latheLore(Array(n).fill(shown(0.8)), NOW)!.believed);
    expect(believed).toEqual([...believed].sort((a, b) => a - b));
    expect(believed.at(-1)).toBeLessThan(0.7);
    expect(latheLore([shown(0.7), shown(0.9)], NOW)!.spread).toBeGreaterThan(0.1);
    expect(latheLore([shown(0.8), shown(0.8)], NOW)!.spread).toBe(0.03);
  });
  it('is nothing of nothing, and of what showed too little', () => {
    expect(latheLore([], NOW)).toBeNull();
    expect(gainShown({ passes: [], stock: 0.1, at: NOW })).toBeNull();
    expect(gainShown({ passes: [{ infeed: 0.1 }, { infeed: 0.1 }], stock: 0.1, at: NOW })).toBeNull();
    const wild = [
      { infeed: 0.05, removed: 1 },
      { infeed: 0.05, removed: -0.6 },
    ];
    expect(gainShown({ passes: wild, stock: 0.1, at: NOW })).toBeNull();
    expect(() => latheLore([{ ...shown(0.9), at: 'then' }], NOW)).toThrow(
      expect.objectContaining({ code: 'unreadable' }),
    );
  });
  it('a springy tool and a stiff one are told apart', () => {
    const draw = (spring: number): number => {
      const faults = { ...HONEST_KINDS.calm(seeded(3)), spring };
      const all = Array.from({ length: 8 }, (_, i) => gainShown(workToLine(faults, 500 + i, 0.01).past));
      return latheLore(
        all.filter((one) => one !== null),
        NOW,
      )!.gain;
    };
    expect(draw(0.05)).toBeCloseTo(0.95, 1);
    expect(draw(0.35)).toBeCloseTo(0.65, 1);
  });
});

describe('lore in the next infeed', () => {
  it('makes nothing impossible: each tool keeps at least what is not believed, and their mean stays one', () => {
    const lore = fc.record({
      gain: fc.double({ min: 0.3, max: 1.2, noNaN: true }),
      spread: fc.double({ min: 0.03, max: 0.3, noNaN: true }),
      believed: fc.double({ min: 0, max: 0.7, noNaN: true }),
      approaches: fc.constant(3),
      latest: fc.constant(NOW),
    });
    fc.assert(
      fc.property(lore, fc.constantFrom(...BEHAVIOURS), (said: Lore, behaviour) => {
        const tools = behaviour.tools(0.0025);
        const likelier = weighedBy(said, tools);
        const mean = tools.reduce((sum, tool) => sum + tool.weight * likelier(tool), 0);
        expect(mean).toBeCloseTo(1, 6);
        for (const tool of tools) expect(likelier(tool)).toBeGreaterThanOrEqual(1 - said.believed - 1e-12);
      }),
      { numRuns: 60 },
    );
  });
  it('foretells by it before the first pass: more springs back, more is left', () => {
    const given = { passes: [], target: 0.1, tolerance: 0.0126, risk: 0.01, division: 0.0025, given: 0.05 };
    const left = (gain: number): number =>
      nextInfeed({ ...given, lore: { gain, spread: 0.04, believed: 0.6, approaches: 6, latest: NOW } })
        .prediction.left;
    expect(left(0.6)).toBeGreaterThan(left(0.95) + 0.005);
  });
  it.each([
    [{ gain: 0 }, 'lore.gain'],
    [{ spread: Number.NaN }, 'lore.spread'],
    [{ believed: 1 }, 'lore.believed'],
  ])('%o is refused', (wrong, field) => {
    const lore = { gain: 0.9, spread: 0.05, believed: 0.5, approaches: 3, latest: NOW, ...wrong };
    expect(() => nextInfeed({ passes: [], target: 0.1, tolerance: 0.01, risk: 0.01, lore })).toThrow(
      expect.objectContaining({ field }),
    );
  });
});
