import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Evidence, EvidenceKind } from './evidence';
import { posterior } from './posterior';
import { bestCheck, nextCheck } from './nextCheck';

const MADE: Readonly<Record<string, Evidence>> = {
  bands: { kind: 'bands', where: 'large' },
  shake: { kind: 'shake', where: 'small' },
  rock: { kind: 'rock', touches: 'large', swing: 0.04, distance: 70 },
  sticks: { kind: 'sticks', holds: true },
};
const member = fc.constantFrom('external' as const, 'internal' as const);
const wantedOf = (side: 'external' | 'internal') => ({
  member: side,
  halfAngle: 0.0251,
  band: 4e-5,
  length: 80,
});

describe('the check that would tell most', () => {
  it('is never one already made, and is expected to raise the share told right', () => {
    fc.assert(
      fc.property(member, fc.subarray(Object.keys(MADE), { minLength: 1 }), (side, kinds) => {
        const made = kinds.map((k) => MADE[k]!);
        const wanted = wantedOf(side);
        const weighed = posterior(made, wanted);
        const asked = bestCheck(weighed, wanted, new Set(kinds as EvidenceKind[]));
        fc.pre(asked !== null);
        expect(kinds).not.toContain(asked!.kind);
        expect(asked!.toldRight).toBeGreaterThan(0);
        expect(asked!.toldRight).toBeLessThanOrEqual(1);
        expect(nextCheck(weighed, wanted, made)).toEqual([asked!.ask]);
      }),
      { seed: 1 },
    );
  });
  it('warm work or a wrong angle: whether both are as warm as each other is asked, as that tells them apart', () => {
    const wanted = wantedOf('external');
    const all = posterior([MADE['bands']!], wanted);
    const one = (cause: string) => all.find(({ possibility }) => possibility.cause === cause)!.possibility;
    const two = (...causes: [string, string]) =>
      causes.map((cause) => ({ possibility: one(cause), belief: 0.5 }));
    const others = new Set<EvidenceKind>(['bands', 'shake', 'rock', 'measured', 'sticks']);
    const asked = bestCheck(two('warm', 'too-steep'), wanted, others);
    expect(asked?.kind).toBe('warmer');
    expect(asked!.toldRight).toBeGreaterThan(0.9);
    // Between two that are as warm as each other it says nothing.
    expect(bestCheck(two('too-steep', 'too-shallow'), wanted, others)).toBeNull();
  });
  it('there is none when every check has been made', () => {
    const wanted = wantedOf('external');
    const kinds: EvidenceKind[] = ['bands', 'shake', 'rock', 'measured', 'sticks', 'warmer'];
    expect(bestCheck(posterior([MADE['bands']!], wanted), wanted, new Set(kinds))).toBeNull();
  });
});
