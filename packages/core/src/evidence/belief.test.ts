import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ratioOf } from '../taper/solve';
import { CONTACTS } from '../gauging/contact';
import { angleNow } from './angleNow';
import type { Evidence, EvidenceKind } from './evidence';
import { posterior } from './posterior';
import { bestCheck } from './nextCheck';
import { halfAngle, band, LENGTH, fit, top, shown, believed, shop, SETS } from './reports.testdata';

describe('in a shop with thresholds, slips and tries that deceive', () => {
  const told = (kinds: readonly EvidenceKind[]) =>
    shop(31).map(({ truth, evidence, member }) => {
      const { cause, belief } = believed(
        evidence.filter((e) => kinds.includes(e.kind)),
        member,
      );
      return { belief, right: cause === truth };
    });
  const share = (all: readonly { right: boolean }[]) => all.filter((t) => t.right).length / all.length;

  it.each(Object.entries(SETS))('%s: what it says is as sure as it is right, in every tenth', (_, kinds) => {
    const all = told(kinds);
    for (let tenth = 0; tenth < 10; tenth++) {
      const these = all.filter((t) => Math.min(9, Math.floor(t.belief * 10)) === tenth);
      if (these.length < 700) continue;
      const said = these.reduce((sum, t) => sum + t.belief, 0) / these.length;
      expect(Math.abs(share(these) - said), `${tenth}0 %: said ${said}, true ${share(these)}`).toBeLessThan(
        0.05,
      );
    }
  });
  it('more evidence is told right more often, never less', () => {
    const shares = Object.values(SETS).map((kinds) => share(told(kinds)));
    for (let i = 1; i < shares.length; i++) expect(shares[i]!).toBeGreaterThan(shares[i - 1]! - 0.005);
  });
  it('the check it asks for raises the share told right', () => {
    const before: boolean[] = [];
    const after: boolean[] = [];
    for (const { truth, evidence, member } of shop(77).slice(0, 1500)) {
      const first = evidence.filter((e) => e.kind === 'bands');
      const wanted = { member, halfAngle, band, length: LENGTH };
      const ask = bestCheck(posterior(first, wanted), wanted, new Set<EvidenceKind>(['bands', 'warmer']));
      if (!ask) continue;
      before.push(believed(first, member).cause === truth);
      after.push(
        believed([...first, ...evidence.filter((e) => e.kind === ask.kind)], member).cause === truth,
      );
    }
    expect(before.length).toBeGreaterThan(200);
    const right = (all: readonly boolean[]) => all.filter(Boolean).length / all.length;
    expect(right(after)).toBeGreaterThan(right(before) + 0.02);
  });
});

describe('evidence built from a known error gives that error back', () => {
  it.each(['external', 'internal'] as const)('%s', (member) => {
    fc.assert(
      fc.property(fc.double({ min: 2e-4, max: 5e-3, noNaN: true }), fc.boolean(), (size, steep) => {
        const error = steep ? size : -size;
        const found = fit(shown(member, error), member);
        expect(found.causes[0]!.cause).toBe(steep ? 'too-steep' : 'too-shallow');
        expect(found.causes[0]!.belief).toBeGreaterThan(0.93);
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
      { kind: 'measured', ratio: ratioOf(halfAngle) + 1e-9, uncertainty: 2e-3 },
    ]);
    expect(two.halfAngle!.value).toBeCloseTo(halfAngle + 5e-4, 6);
    expect(
      top([
        { kind: 'measured', ratio: ratioOf(halfAngle), uncertainty: 1e-5 },
        { kind: 'shake', where: 'none' },
      ]),
    ).toBe('right');
  });
  it('a swing of nothing says that nothing rocks, whichever end is named', () => {
    for (const touches of ['large', 'small'] as const)
      expect(top([{ kind: 'rock', touches, swing: 0, distance: 70 }])).toBe('right');
  });
  it('cause and angle come of one fit: the nudge never goes against the cause', () => {
    const where = fc.constantFrom(...CONTACTS);
    const swing = fc.double({ min: 0, max: 0.3, noNaN: true });
    const off = fc.double({ min: -2e-3, max: 2e-3, noNaN: true });
    fc.assert(
      fc.property(
        where,
        fc.constantFrom('large', 'small'),
        swing,
        off,
        fc.boolean(),
        (contact, touches, s, o, inside) => {
          const found = fit(
            [
              { kind: 'bands', where: contact },
              { kind: 'rock', touches: touches as 'large', swing: s, distance: 70 },
              { kind: 'measured', ratio: ratioOf(halfAngle + o), uncertainty: 1e-4 },
            ],
            inside ? 'internal' : 'external',
          );
          const now = angleNow(found, { halfAngle, band });
          const { cause } = found.causes[0]!;
          if (cause === 'too-steep') expect(now.halfAngle).toBeGreaterThan(halfAngle);
          else if (cause === 'too-shallow') expect(now.halfAngle).toBeLessThan(halfAngle);
          else expect(now).toEqual({ halfAngle, basis: 'none' });
        },
      ),
      { seed: 9, numRuns: 300 },
    );
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
