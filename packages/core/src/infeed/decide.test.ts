import { describe, expect, it } from 'vitest';
import { decide, situationOf, type Situation } from './decide';
import type { Suspicion } from './suspicion';

const LOOKS_WRONG: Suspicion = { kind: 'misfit', looks: ['It does not go together.'], check: ['Look.'] };
const request = (target: number) => ({
  passes: [{ infeed: 0.05, removed: 0.048 }],
  target,
  tolerance: 0.0126,
  risk: 0.01,
  division: 0.0025,
  uncertainty: 0.002,
});
const decided = (target: number, over: Partial<Situation>) =>
  decide(request(target), { ...situationOf(request(target)), ...over });

describe('passes that look wrong', () => {
  it('are looked into before anything else is done', () => {
    expect(decided(0.05, { suspicion: null }).move).toBe('cut');
    expect(decided(0.05, { suspicion: LOOKS_WRONG })).toMatchObject({
      advice: 'hold',
      move: 'check',
      infeed: 0,
    });
  });
  it('are let be where the work is in its band as surely as is near enough', () => {
    const at = (inside: number) => decided(0.008, { suspicion: LOOKS_WRONG, inside }).move;
    expect(at(0.79)).toBe('check');
    expect(at(0.8)).not.toBe('check');
    expect(at(0.85)).not.toBe('check');
    // Not in its band: however sure of it, there is something still to be cut.
    expect(decided(0.03, { suspicion: LOOKS_WRONG, inside: 0.85 }).move).toBe('check');
  });
});

describe('work that stands at its line', () => {
  it('is left alone where it is surely inside, and where nothing is left to be cut', () => {
    expect(decided(0.008, { inside: 0.93, suspicion: LOOKS_WRONG })).toMatchObject({
      advice: 'reached',
      move: 'none',
    });
    expect(decided(0, { inside: 0, suspicion: LOOKS_WRONG })).toMatchObject({
      advice: 'reached',
      move: 'none',
    });
    expect(decided(-0.001, { inside: 0 })).toMatchObject({ advice: 'reached', infeed: 0 });
  });
});

describe('a cut where the work is in its band already', () => {
  const wide = {
    ...request(0.01568),
    tolerance: 0.016,
    division: 0.001,
    uncertainty: 0.006,
    passes: Array.from({ length: 3 }, () => ({ infeed: 0.05, removed: 0.049 })),
  };
  const situation = { ...situationOf(wide), suspicion: null };
  const at = (inside: number) => decide(wide, { ...situation, inside });
  it('is made where it makes it surer by enough to be worth its risk, and not otherwise', () => {
    const cut = at(0);
    const ends = situation.see.landing(cut.infeed).inside(wide.tolerance);
    expect(cut.move).toBe('cut');
    expect(ends).toBeGreaterThan(0.8);
    expect(at(ends - 0.035)).toMatchObject({ move: 'cut', infeed: cut.infeed });
    expect(at(ends - 0.025).move).not.toBe('cut');
  });
});
