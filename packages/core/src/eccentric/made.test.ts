import { describe, expect, it } from 'vitest';
import { holeLimits } from '../fit/isoHole';
import { plainText } from '../figure/phrase';
import { invalidates } from './invalidates';
import type { MadeBasis } from './made';
import { setScrew } from './setScrew';

describe('set-screw, fit and what a change does', () => {
  const m6 = { form: 'metric', diameter: 6, pitch: 1 } as const;
  it('square to the throw, through the hub’s wall', () => {
    const found = setScrew({ hub: 34, bore: 20, thread: m6, phase: 0.3, finder: 10 });
    expect(Math.cos(found.direction - 0.3)).toBeCloseTo(0, 9);
    expect([found.wall, found.turns, found.strongEnough, found.fromEdge]).toEqual([7, 7, true, 22]);
    expect(() => setScrew({ hub: 20, bore: 20, thread: m6, phase: 0, finder: 10 })).toThrow(
      expect.objectContaining({ field: 'hub' }),
    );
  });
  it.each([
    [20, 'H7', 20, 20.021],
    [20, 'F7', 20.02, 20.041],
    [6, 'G7', 6.004, 6.016],
    [50, 'H8', 50, 50.039],
  ] as const)('%d %s', (diameter, fit, least, most) => {
    expect(holeLimits({ diameter, fit }).least).toBeCloseTo(least, 9);
    expect(holeLimits({ diameter, fit }).most).toBeCloseTo(most, 9);
  });
  it('the table of fits has an end, and says so', () => {
    expect(holeLimits({ diameter: 200, fit: 'H7' }).most).toBeCloseTo(200.046, 9);
    expect(holeLimits({ diameter: 500, fit: 'G7' })).toEqual({ least: 500.02, most: 500.083 });
    expect(() => holeLimits({ diameter: 501, fit: 'H7' })).toThrow(
      expect.objectContaining({ field: 'diameter' }),
    );
  });
  const basis: MadeBasis = { throw: 4.75, diameter: 54, width: 18, bore: 20, hub: 34 };
  const made = (['outside', 'throw', 'bore', 'groove', 'screw', 'packing'] as const).map((what) => ({
    what,
    basis,
  }));
  const verdicts = (now: Partial<MadeBasis>) =>
    Object.fromEntries(invalidates(made, { ...basis, ...now }).map((i) => [i.what, i.verdict]));
  it('a larger shaft opens the bore out at the same setting, and costs the screw', () => {
    expect(verdicts({ bore: 22 })).toEqual({
      outside: 'keep',
      throw: 'keep',
      bore: 'rework',
      groove: 'keep',
      screw: 'again',
      packing: 'keep',
    });
    // The hole is made again; the part is not.
    const said = plainText(invalidates(made, { ...basis, bore: 22 }).find((i) => i.what === 'screw')!.said);
    expect(said).toContain('the part itself can be kept');
    expect(said).not.toContain('made again');
  });
  it('is said of one and of more, and of what there was none of', () => {
    const said = (now: object, what: string): string =>
      plainText(invalidates(made, { ...basis, ...now }).find((i) => i.what === what)!.said).replaceAll(
        '\u00a0',
        ' ',
      );
    expect(said({ diameter: 52 }, 'groove')).toContain('The grooves do not fit any more; as it is');
    expect(said({ bore: 19 }, 'bore')).toContain('The bore does not fit any more; as it is');
    expect(said({ bore: null }, 'bore')).toMatch(/was [\d.]+ mm, and there is none now\.$/);
    const before = [{ what: 'screw' as const, basis: { ...basis, hub: null } }];
    expect(plainText(invalidates(before, { ...basis, hub: 34 })[0]!.said)).toContain(
      'there was no hub, and it is 34.00',
    );
  });
  it('a smaller shaft, or another throw, cannot be put back', () => {
    expect(verdicts({ bore: 19 })['bore']).toBe('again');
    expect(verdicts({ throw: 5 })).toMatchObject({
      throw: 'again',
      bore: 'again',
      packing: 'again',
      outside: 'keep',
    });
    expect(verdicts({ diameter: 52 })).toMatchObject({ outside: 'rework', groove: 'again' });
    expect(Object.values(verdicts({})).every((v) => v === 'keep')).toBe(true);
  });
});
