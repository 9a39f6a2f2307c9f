import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalFrom, seeded } from '../machine/seeded';
import { plainText } from '../figure/phrase';
import { ratioOf } from '../taper/solve';
import { CONTACTS } from '../gauging/contact';
import type { Member } from '../taper/task';
import { angleNow } from './angleNow';
import { describeEvidence } from './describe';
import type { CauseId } from './causes/cause';
import { CAUSES } from './causes/registry';
import type { Evidence, EvidenceKind, Marked, Shaken } from './evidence';
import { fitEvidence } from './fitEvidence';
import { posterior } from './posterior';
import { bestCheck } from './nextCheck';

const halfAngle = Math.atan(1 / 19.922 / 2);
const band = 4e-5;
const LENGTH = 80;
const fit = (evidence: readonly Evidence[], member: Member = 'external') =>
  fitEvidence({ member, evidence, halfAngle, band, length: LENGTH });
const top = (evidence: readonly Evidence[], member?: Member) => fit(evidence, member).causes[0]!.cause;

/** What a shank or bore that is out by an angle shows in a true mate, worked from the gap between the two cones. */
function shown(member: Member, error: number, distance = 70): Evidence[] {
  const slope = Math.tan(halfAngle);
  const made = Math.tan(halfAngle + error);
  // Radii along the cone from its large end, the part moved in until one end first touches.
  const gapAt = (z: number): number => (member === 'external' ? z * made - z * slope : z * slope - z * made);
  const touches = gapAt(0) < gapAt(80) ? ('large' as const) : ('small' as const);
  const loose = touches === 'large' ? ('small' as const) : ('large' as const);
  const swing = distance * 2 * Math.abs(made - slope);
  return [
    { kind: 'bands', where: touches },
    { kind: 'shake', where: loose },
    { kind: 'rock', touches, swing, distance },
  ];
}

/**
 * A shop for proof: a cone with a fault of a size drawn otherwise than the weighing has it, and what is reported of it by
 * a marker and a hand whose thresholds differ from try to try, with slips, and with tries that deceive as a whole.
 */
function tried(uniform: () => number): { truth: CauseId; evidence: Evidence[]; member: Member } {
  const member: Member = uniform() < 0.5 ? 'external' : 'internal';
  const one = (): { truth: CauseId; evidence: Evidence[] } => {
    const truth = drawn(uniform, member);
    return { truth, evidence: reports(truth, member, uniform) };
  };
  const { truth, evidence } = one();
  // A try that deceives reports of another cone than the one in hand; what is measured is still the cone's own.
  const tryOf = uniform() < 0.05 ? one().evidence : evidence;
  return { truth, member, evidence: [...tryOf.slice(0, -1), evidence.at(-1)!] };
}

/** Reports that go with nothing. */
function anything(uniform: () => number): Evidence[] {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(uniform() * of.length)]!;
  return [
    { kind: 'bands', where: pick(CONTACTS) },
    { kind: 'shake', where: pick(['large', 'small', 'both', 'none']) },
    { kind: 'sticks', holds: uniform() < 0.5 },
    { kind: 'rock', touches: pick(['large', 'small']), swing: 0.05 * uniform(), distance: 70 },
    { kind: 'measured', ratio: ratioOf(halfAngle) * (0.98 + 0.04 * uniform()), uncertainty: 1e-4 },
  ];
}

const MET: readonly [CauseId, number, number][] = [
  ['right', 0.3, 0.28],
  ['too-steep', 0.18, 0.16],
  ['too-shallow', 0.18, 0.16],
  ['hollow', 0.08, 0.07],
  ['barrelled', 0.07, 0.08],
  ['flat', 0.07, 0.06],
  ['bell-mouth', 0.01, 0.09],
  ['wave', 0.03, 0.03],
  ['chatter', 0.03, 0.03],
  ['burr', 0.05, 0.04],
  ['none', 0.01, 0.01],
];
function drawn(uniform: () => number, member: Member): CauseId {
  let left = uniform() * MET.reduce((sum, m) => sum + m[member === 'external' ? 1 : 2], 0);
  for (const [cause, outside, inside] of MET) {
    left -= member === 'external' ? outside : inside;
    if (left <= 0) return cause;
  }
  return 'right';
}

function reports(truth: CauseId, member: Member, uniform: () => number): Evidence[] {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(uniform() * of.length)]!;
  const lognormal = (middle: number, spread: number) => middle * Math.exp(spread * normalFrom(uniform));
  const steep = truth === 'too-steep';
  const isAngle = steep || truth === 'too-shallow';
  const bands = isAngle ? 1 + 7 * -Math.log(1 - uniform()) : uniform();
  const angle = (isAngle ? (steep ? 1 : -1) : uniform() < 0.5 ? 1 : -1) * bands * band;
  const touches = (member === 'external') === angle > 0 ? ('large' as const) : ('small' as const);
  const loose = touches === 'large' ? ('small' as const) : ('large' as const);
  const gap = isAngle || truth === 'right' ? 2 * Math.abs(angle) * LENGTH : lognormal(0.018, 0.8);
  const bare = gap > lognormal(0.0065, 0.6);
  const shakes = gap > lognormal(0.02, 0.6);
  const rings: Marked = uniform() < 0.7 ? 'ends' : 'two-bands';
  const onRings = truth === (member === 'external' ? 'hollow' : 'barrelled');
  const onMiddle = truth === (member === 'external' ? 'barrelled' : 'hollow');
  const where: Marked = !bare
    ? 'full'
    : isAngle || truth === 'right'
      ? touches
      : onRings
        ? rings
        : onMiddle
          ? 'middle'
          : (({
              flat: uniform() < 0.75 ? 'two-bands' : 'ends',
              'bell-mouth': 'all-but-large',
              wave: 'rings',
              chatter: 'speckled',
            }[truth as string] as Marked | undefined) ?? 'spot');
  const feels: Shaken = !shakes
    ? 'none'
    : isAngle || truth === 'right'
      ? loose
      : onMiddle
        ? pick(['both', 'both', 'large', 'small'])
        : truth === 'bell-mouth'
          ? pick(['large', 'none'])
          : truth === 'burr'
            ? pick(['large', 'small', 'both'])
            : truth === 'flat'
              ? pick(['none', 'none', 'large', 'small'])
              : 'none';
  const sticks = gap < lognormal(0.02, 0.7) ? uniform() < 0.95 : uniform() < 0.1;
  const slip = <T>(told: T, any: readonly T[]): T => (uniform() < 0.04 ? pick(any) : told);
  const swing =
    isAngle || truth === 'right'
      ? 2 * Math.abs(angle) * 70
      : feels !== 'none' // what shakes rocks
        ? -0.03 * Math.log(1 - uniform())
        : 0;
  const ends = ['large', 'small'] as const;
  if (truth === 'none') return anything(uniform);
  return [
    { kind: 'bands', where: slip(where, CONTACTS) },
    { kind: 'shake', where: slip(feels, ['large', 'small', 'both', 'none']) },
    { kind: 'sticks', holds: slip(sticks, [true, false]) },
    {
      kind: 'rock',
      touches: slip(swing > 0.01 && gap > 0 && (isAngle || truth === 'right') ? touches : pick(ends), ends),
      swing: Math.max(0, swing + 0.005 * normalFrom(uniform)),
      distance: 70,
    },
    {
      kind: 'measured',
      ratio: ratioOf(halfAngle + (isAngle || truth === 'right' ? angle : 0)) + 5e-5 * normalFrom(uniform),
      uncertainty: 1e-4,
    },
  ];
}

/** The cause believed most, without the words. */
function believed(evidence: readonly Evidence[], member: Member): { cause: CauseId; belief: number } {
  const sums = new Map<CauseId, number>();
  for (const { possibility, belief } of posterior(evidence, { member, halfAngle, band, length: LENGTH }))
    sums.set(possibility.cause, (sums.get(possibility.cause) ?? 0) + belief);
  return [...sums].map(([cause, belief]) => ({ cause, belief })).sort((a, b) => b.belief - a.belief)[0]!;
}

const TRIES = 9000;
const shop = (seed: number) => {
  const uniform = seeded(seed);
  return Array.from({ length: TRIES }, () => tried(uniform));
};
const SETS: Readonly<Record<string, readonly EvidenceKind[]>> = {
  'the marking alone': ['bands'],
  'marking and shake': ['bands', 'shake'],
  'all by hand': ['bands', 'shake', 'sticks', 'rock'],
  'all of it': ['bands', 'shake', 'sticks', 'rock', 'measured'],
};

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

describe('evidence in words', () => {
  const ratio = (off: number): number => 2 * Math.tan(halfAngle + off);
  const words = (one: Evidence): string =>
    plainText(describeEvidence(one, halfAngle)).replaceAll('\u00a0', ' ');
  it('a cone measured is steep or shallow by so much, or only what it is', () => {
    const measured = (off: number): Evidence => ({ kind: 'measured', ratio: ratio(off), uncertainty: 1e-5 });
    expect(words(measured(0.001))).toMatch(/^measured 3′26″ steep$/);
    expect(words(measured(-0.001))).toMatch(/^measured 3′26″ shallow$/);
    expect(plainText(describeEvidence(measured(0)))).toMatch(/^measured at /);
  });
  it('warm and cool are two things', () => {
    expect(words({ kind: 'warmer', by: 10 })).toContain('warmer');
    expect(words({ kind: 'warmer', by: 0 })).toContain('cooler');
  });
});
