import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { describePlan } from '../describe';
import type { PlanPart } from '../piece/line';
import { planPart } from '../propose/planPart';
import { WHOLE } from '../wholeParts.testdata';

const DEG = Math.PI / 180;

/** The sleeve with its socket otherwise, and how it is held last. */
function held(change: object): string | undefined {
  const features = WHOLE.sleeve.features.map((f) => (f.id === 'socket' ? { ...f, ...change } : f));
  const part = { ...WHOLE.sleeve, features } as PlanPart;
  const last = describePlan(part, planPart(part).holdings).holdings.at(-1);
  return last && plainText(last.held).replaceAll('\u00a0', ' ');
}

describe('a mandrel', () => {
  it('is pressed into the longest hole that is finished', () => {
    expect(held({ halfAngle: 3 * DEG })).toBe('On a mandrel in Socket, 31.90 mm across');
    expect(held({ halfAngle: 3 * DEG, length: 16 })).toBe('On a mandrel in Bore, 26.00 mm across');
  });
  it('is not in a cone so steep that it lets go', () => {
    expect(held({})).toBe('On a mandrel in Bore, 26.00 mm across');
  });
});
