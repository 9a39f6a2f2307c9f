import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { compareEccentricWays } from '../ways/eccentric/choose';
import { lathe, part } from './eccentric.testdata';

const ways = (more: object = {}, on: object = {}) =>
  compareEccentricWays({
    part: { ...part, ...more },
    throws: [{ ...part, ...more }],
    lathe: { ...lathe, ...on },
    quantity: 1,
    range: 10,
    step: 0.01,
  });

describe('ways of making it', () => {
  it('one-off in the four-jaw, a run by packing, several throws between centres', () => {
    expect(ways().recommended!.id).toBe('four-jaw');
    const solid = { ...part, bore: null };
    const at = (quantity: number, throws = [solid]) =>
      compareEccentricWays({ part: solid, throws, lathe, quantity, range: null, step: 0.01 }).recommended!.id;
    expect(at(8)).toBe('packing');
    expect(at(1, [solid, { ...solid, id: 'f', name: 'Other', phase: Math.PI / 2 }])).toBe('offset-centres');
  });
  it('a chuck that is not there, or does not open so far, is said; so is a bore where centres would go', () => {
    const blocked = (found: ReturnType<typeof ways>, id: string): string =>
      found.assessments
        .find((a) => a.id === id)!
        .blockers.map((b) => plainText(b))
        .join(' ');
    expect(blocked(ways({}, { chucks: [] }), 'four-jaw')).toContain('No four-jaw');
    expect(blocked(ways({ diameter: 160 }), 'four-jaw')).toContain('opens to');
    expect(blocked(ways(), 'offset-centres')).toContain('bored through');
    expect(blocked(ways({}, { swing: 60 }), 'fixture')).toContain('sweeps');
    expect(ways({}, { swing: 60 }).recommended).toBeNull();
  });
});
