import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../phrase/phrase';
import { CAUSES } from './causes';
import type { Evidence, EvidenceKind } from './evidence';
import { nextCheck } from './nextCheck';

const MADE: Readonly<Record<string, Evidence>> = {
  bands: { kind: 'bands', where: 'large' },
  shake: { kind: 'shake', where: 'small' },
  rock: { kind: 'rock', touches: 'large', swing: 0.04, distance: 70 },
  sticks: { kind: 'sticks', holds: true },
};
/** A word of each check's own, by the kind of evidence it brings. */
const WORDS: Readonly<Partial<Record<EvidenceKind, RegExp>>> = {
  bands: /^Blue it/,
  shake: /feel for shake/,
  rock: /^Clock it/,
  measured: /^Measure the taper/,
  sticks: /whether it sticks/,
};
const cause = fc.constantFrom(...CAUSES);
const member = fc.constantFrom('external' as const, 'internal' as const);

describe('the check that would tell two causes apart', () => {
  it('is never one already made', () => {
    fc.assert(
      fc.property(cause, cause, member, fc.subarray(Object.keys(MADE)), (a, b, side, kinds) => {
        const made = kinds.map((k) => MADE[k]!);
        const asked = nextCheck(a, b, side, made);
        if (asked === null) return;
        const text = plainText(asked);
        for (const kind of kinds) expect(text).not.toMatch(WORDS[kind as EvidenceKind]!);
      }),
      { seed: 1 },
    );
  });
  it('is the same whichever of the two is thought of first, and nothing for a cause and itself', () => {
    fc.assert(
      fc.property(cause, cause, member, (a, b, side) => {
        const [there, back] = [nextCheck(a, b, side, []), nextCheck(b, a, side, [])];
        expect(there && plainText(there)).toBe(back && plainText(back));
        expect(nextCheck(a, a, side, [])).toBeNull();
      }),
      { seed: 2 },
    );
  });
  it('there is one for a cone too steep against one too shallow, on either member', () => {
    const [steep, shallow] = ['too-steep', 'too-shallow'].map((id) => CAUSES.find((c) => c.id === id)!);
    for (const side of ['external', 'internal'] as const)
      expect(nextCheck(steep!, shallow!, side, [])).not.toBeNull();
  });
});
