import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { ratioOf } from '../taper/solve';
import { describeEvidence } from './describe';
import type { Evidence } from './evidence';
import { halfAngle, fit, shown } from './reports.testdata';

describe('what would decide', () => {
  it('asks for a check not made yet, and for none when nothing would decide', () => {
    const open = fit([{ kind: 'shake', where: 'both' }]);
    expect(plainText(open.nextCheck!)).toMatch(/Blue it thinly|Clock it|Measure/);
    const all: Evidence[] = [
      ...shown('external', 2e-3),
      { kind: 'measured', ratio: ratioOf(halfAngle + 2e-3), uncertainty: 1e-5 },
    ];
    expect(fit(all).nextCheck).toBeNull();
  });
  it('the check it asks for does tell the two apart, whichever it is', () => {
    const start: Evidence[] = [{ kind: 'shake', where: 'none' }];
    const blued = (where: 'full' | 'ends') => fit([...start, { kind: 'bands', where }]).causes[0]!.cause;
    expect(fit(start).causes[0]!.cause).toBe('right');
    expect(blued('full')).toBe('right');
    expect(blued('ends')).toBe('hollow');
  });
});

describe('size beside shape', () => {
  it('a stand-off says what is left and nothing of the angle', () => {
    const { diameterLeft, halfAngle: seen } = fit([{ kind: 'stand-off', seen: 1.6 }]);
    expect(diameterLeft).toBeCloseTo(1.6 / 19.922, 9);
    expect(seen).toBeNull();
  });
  it.each([
    [[], 'evidence'],
    [[{ kind: 'rock', touches: 'large', swing: -1, distance: 10 }], 'evidence.0'],
    [[{ kind: 'rock', touches: 'large', swing: 1, distance: 0 }], 'evidence.0'],
    [[{ kind: 'measured', ratio: 0, uncertainty: 1 }], 'evidence.0'],
    [[{ kind: 'stand-off', seen: Number.NaN }], 'evidence.0'],
    [[{ kind: 'warmer', by: Number.NaN }], 'evidence.0'],
  ] as const)('refuses %j', (evidence, field) => {
    expect(() => fit(evidence as unknown as Evidence[])).toThrow(expect.objectContaining({ field }));
  });
});

describe('evidence in words', () => {
  const ratio = (off: number): number => 2 * Math.tan(halfAngle + off);
  const words = (one: Evidence): string =>
    plainText(describeEvidence(one, halfAngle)).replaceAll('\u00a0', ' ');
  it('a cone measured is steep or shallow by so much, or only what it is', () => {
    const measured = (off: number): Evidence => ({ kind: 'measured', ratio: ratio(off), uncertainty: 1e-5 });
    expect(words(measured(0.001))).toMatch(/^measured 3′26″ steep$/);
    expect(words(measured(-0.001))).toMatch(/^measured 3′26″ shallow$/);
    expect(plainText(describeEvidence(measured(0)))).toMatch(/^measured at /);
    // What is off by less than it is known to is right.
    expect(words(measured(4e-6))).toBe('measured right within 1″');
    expect(words(measured(6e-6))).toBe('measured 1″ steep');
    expect(words({ kind: 'measured', ratio: ratio(1e-6), uncertainty: 0 })).toBe('measured right');
  });
  it('a plug stands off its line, at it or past it', () => {
    expect(words({ kind: 'stand-off', seen: 1.4 })).toBe('stands off 1.40 mm');
    expect(words({ kind: 'stand-off', seen: -0.4 })).toBe('past its line by 0.40 mm');
    expect(words({ kind: 'stand-off', seen: -0.001 })).toBe('stands at its line');
  });
  it('warm and cool are two things', () => {
    expect(words({ kind: 'warmer', by: 10 })).toContain('warmer');
    expect(words({ kind: 'warmer', by: 0 })).toContain('cooler');
  });
});
