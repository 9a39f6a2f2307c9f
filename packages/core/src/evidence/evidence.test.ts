import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../phrase/phrase';
import { ratioOf } from '../taper/solve';
import { CONTACTS } from '../gauging/contact';
import { angleNow } from './angleNow';
import { CAUSES } from './causes';
import type { Evidence } from './evidence';
import { fitEvidence } from './fitEvidence';

const halfAngle = Math.atan(1 / 19.922 / 2);
const band = 4e-5;
const fit = (evidence: readonly Evidence[], member: 'external' | 'internal' = 'external') =>
  fitEvidence({ member, evidence, halfAngle, band });
const top = (evidence: readonly Evidence[], member?: 'external' | 'internal') =>
  fit(evidence, member).causes[0]!.cause;

/** What a shank or bore that is out by an angle shows in a true mate, worked from the gap between the two cones. */
function shown(member: 'external' | 'internal', error: number, distance = 70): Evidence[] {
  const slope = Math.tan(halfAngle);
  const made = Math.tan(halfAngle + error);
  // Radii along the cone from its large end, the part moved in until one end first touches.
  const gapAt = (z: number, seat: number): number =>
    member === 'external' ? seat - z * slope + z * made : seat - z * made + z * slope;
  const [largeGap, smallGap] = [gapAt(0, 0), gapAt(80, 0)];
  const touches = largeGap < smallGap ? ('large' as const) : ('small' as const);
  const loose = touches === 'large' ? ('small' as const) : ('large' as const);
  const swing = distance * 2 * Math.abs(made - slope);
  return [
    { kind: 'bands', where: touches },
    { kind: 'shake', where: loose },
    { kind: 'rock', touches, swing, distance },
  ];
}

describe('evidence built from a known error gives that error back', () => {
  it.each(['external', 'internal'] as const)('%s', (member) => {
    fc.assert(
      fc.property(fc.double({ min: 2e-4, max: 5e-3, noNaN: true }), fc.boolean(), (size, steep) => {
        const error = steep ? size : -size;
        const found = fit(shown(member, error), member);
        expect(found.causes[0]!.cause).toBe(steep ? 'too-steep' : 'too-shallow');
        expect(found.causes[0]!.belief).toBeGreaterThan(0.95);
        expect(found.halfAngle!.value).toBeCloseTo(halfAngle + error, 6);
        expect(found.contradictions).toEqual([]);
      }),
      { seed: 6 },
    );
  });
  it('a measured taper says it alone, and the surer one weighs more', () => {
    const ratio = ratioOf(halfAngle + 5e-4);
    expect(top([{ kind: 'measured', ratio, uncertainty: 2e-5 }])).toBe('too-steep');
    const two = fit([
      { kind: 'measured', ratio, uncertainty: 2e-5 },
      { kind: 'measured', ratio: ratioOf(halfAngle), uncertainty: 2e-3 },
    ]);
    expect(two.halfAngle!.value).toBeCloseTo(halfAngle + 5e-4, 6);
    expect(
      top([
        { kind: 'measured', ratio: ratioOf(halfAngle), uncertainty: 1e-5 },
        { kind: 'shake', where: 'none' },
      ]),
    ).toBe('right');
  });
});

describe('what each picture means', () => {
  it.each([
    ['external', 'middle', 'barrelled'],
    ['external', 'ends', 'hollow'],
    ['internal', 'middle', 'hollow'],
    ['internal', 'ends', 'barrelled'],
    ['external', 'two-bands', 'flat'],
    ['external', 'spot', 'burr'],
    ['internal', 'full', 'right'],
    ['external', 'large', 'too-steep'],
    ['internal', 'large', 'too-shallow'],
  ] as const)('%s marked %s → %s', (member, where, cause) => {
    expect(top([{ kind: 'bands', where }], member)).toBe(cause);
  });
  it('beliefs add to one, every cause has its reason and its next move', () => {
    const { causes } = fit([
      { kind: 'bands', where: 'large' },
      { kind: 'sticks', holds: false },
    ]);
    expect(causes.reduce((sum, c) => sum + c.belief, 0)).toBeCloseTo(1, 9);
    expect(causes).toHaveLength(CAUSES.length);
    for (const { reason, next, title } of causes) {
      expect(plainText(reason, 'inch')).not.toMatch(/NaN|undefined/);
      expect(Math.min(next.length, title.length, plainText(reason).length)).toBeGreaterThan(10);
    }
    expect(plainText(causes[0]!.reason)).toContain('For it: marked at the large end');
  });
});

describe('what does not go together', () => {
  it('blue and shake at the same end are said to contradict', () => {
    const { contradictions } = fit([
      { kind: 'bands', where: 'large' },
      { kind: 'shake', where: 'large' },
    ]);
    expect(contradictions.map((c) => plainText(c))).toEqual([
      'marked at the large end and loose at the large end cannot both be: look again at one of them.',
    ]);
  });
  it('what belongs together is let be', () => {
    expect(
      fit([
        { kind: 'bands', where: 'full' },
        { kind: 'sticks', holds: true },
      ]).contradictions,
    ).toEqual([]);
  });
});

describe('what would decide', () => {
  it('asks for a check not made yet, and for none when one cause stands alone', () => {
    const open = fit([{ kind: 'shake', where: 'both' }]);
    expect(plainText(open.nextCheck!)).toMatch(/Blue it thinly|Clock it|Measure/);
    expect(fit(shown('external', 2e-3)).nextCheck).toBeNull();
  });
  it('the check it asks for does tell the two apart, whichever it is', () => {
    const start: Evidence[] = [{ kind: 'shake', where: 'none' }];
    const { causes } = fit(start);
    const [a, b] = causes;
    const blued = (where: 'full' | 'ends') => fit([...start, { kind: 'bands', where }]).causes[0]!.cause;
    expect([a!.cause, b!.cause]).toContain('right');
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
  ] as const)('refuses %j', (evidence, field) => {
    expect(() => fit(evidence as unknown as Evidence[])).toThrow(expect.objectContaining({ field }));
  });
});

describe('a contact picture alone', () => {
  it('a shank and a bore read the same picture the opposite way', () => {
    expect(top([{ kind: 'bands', where: 'large' }], 'external')).toBe('too-steep');
    expect(top([{ kind: 'bands', where: 'small' }], 'internal')).toBe('too-steep');
    expect(top([{ kind: 'bands', where: 'small' }], 'external')).toBe('too-shallow');
    expect(top([{ kind: 'bands', where: 'large' }], 'internal')).toBe('too-shallow');
  });
  it('agrees with geometry: a steeper shank touches a true sleeve at the sleeve’s mouth', () => {
    const gap = (z: number, slope: number): number => 12 - z * Math.tan(halfAngle) - (12 - z * slope);
    const steep = Math.tan(halfAngle) * 1.01;
    expect(gap(0, steep)).toBe(0);
    expect(gap(80, steep)).toBeGreaterThan(0);
    expect(top([{ kind: 'bands', where: 'large' }])).toBe('too-steep');
  });
  it('every picture has a cause, a reason and a next move', () => {
    for (const member of ['external', 'internal'] as const) {
      for (const where of CONTACTS) {
        const { title, reason, next } = fit([{ kind: 'bands', where }], member).causes[0]!;
        expect(Math.min(title.length, plainText(reason).length, next.length)).toBeGreaterThan(10);
      }
    }
  });
});

describe('what the angle stands at', () => {
  const now = (evidence: readonly Evidence[]) => angleNow(fit(evidence), { halfAngle, band });
  it('a swing larger than the whole taper is a slip, whichever end touched', () => {
    for (const touches of ['large', 'small'] as const) {
      expect(() => fit([{ kind: 'rock', touches, swing: 50, distance: 80 }])).toThrow(
        expect.objectContaining({ code: 'impossible', field: 'evidence.0' }),
      );
    }
  });
  it('a clocked swing becomes an angle; without one the step is only a trial', () => {
    const clocked = now([
      { kind: 'bands', where: 'large' },
      { kind: 'rock', touches: 'large', swing: 0.04, distance: 80 },
    ]);
    expect(clocked.basis).toBe('measured');
    expect(2 * (Math.tan(clocked.halfAngle) - Math.tan(halfAngle))).toBeCloseTo(0.04 / 80, 12);
    expect(now([{ kind: 'bands', where: 'small' }])).toEqual({
      halfAngle: halfAngle - band,
      basis: 'trial-step',
    });
    expect(now([{ kind: 'bands', where: 'middle' }]).basis).toBe('none');
  });
});
