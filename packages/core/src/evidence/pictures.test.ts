import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { CONTACTS } from '../gauging/contact';
import { CAUSES } from './causes/registry';
import { halfAngle, fit, top } from './reports.testdata';

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
    ['internal', 'all-but-large', 'bell-mouth'],
    ['external', 'rings', 'wave'],
    ['internal', 'speckled', 'chatter'],
  ] as const)('%s marked %s → %s', (member, where, cause) => {
    expect(top([{ kind: 'bands', where }], member)).toBe(cause);
  });
  it('a bore marked at both ends is wide in the middle, in words too', () => {
    expect(fit([{ kind: 'bands', where: 'ends' }], 'internal').causes[0]!.title).toContain(
      'wide in the middle',
    );
  });
  it('a bore marked all along may be bell-mouthed all the same', () => {
    const { causes } = fit(
      [
        { kind: 'bands', where: 'full' },
        { kind: 'shake', where: 'none' },
      ],
      'internal',
    );
    expect(causes[0]!.cause).toBe('right');
    expect(causes[0]!.belief).toBeLessThan(0.8);
  });
  it('a part warmer than its gauge is said to be so before anything is nudged', () => {
    expect(
      top([
        { kind: 'bands', where: 'full' },
        { kind: 'warmer', by: 15 },
      ]),
    ).toBe('warm');
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
  it('the same report three times says what it said once', () => {
    const once = fit([{ kind: 'bands', where: 'large' }]);
    const thrice = fit([1, 2, 3].map(() => ({ kind: 'bands' as const, where: 'large' as const })));
    expect(thrice.causes.map((c) => [c.cause, c.belief])).toEqual(
      once.causes.map((c) => [c.cause, c.belief]),
    );
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
