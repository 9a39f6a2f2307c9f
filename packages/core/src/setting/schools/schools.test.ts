import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { DRAWER, LONG, SHANK, SHORT } from '../../testkit.testdata';
import type { WayId } from '../../taper/wayId';
import { judgeSweep } from '../judge';
import { nextNudge, schoolOf, schoolsFor, settingSteps } from '../registry';
import { wayOf } from '../../ways/taper/registry';
import type { SettingContext, SettingStep } from '../setting';
import type { SchoolId } from '../../ways/taper/schoolId';
import { readingFor } from '../stations';
import { centreHole } from './settingGauge';

const context: SettingContext = { task: SHANK, lathe: LONG, kit: DRAWER };
const SHORT_CONE = { ...SHANK, length: 40, smallDiameter: SHANK.largeDiameter - 40 / 19.922 };
const BORE = { ...SHORT_CONE, member: 'internal' as const };
const WIDE = { ...SHANK, length: 14, smallDiameter: SHANK.largeDiameter - 14 / 19.922 };
const proof = (way: WayId, school: SchoolId, c = context): SettingStep =>
  settingSteps(way, c, school).find((s) => s.proves)!;
const DEG = Math.PI / 180;

/** Every way with every school it can be set by, and a part that suits it. */
const PAIRS: readonly (readonly [WayId, SchoolId, SettingContext])[] = [
  ['attachment', 'indicator', context],
  ['attachment', 'scale-trial', context],
  ['attachment', 'master', context],
  ['attachment', 'sine-bar', context],
  ['compound', 'indicator', context],
  ['compound', 'scale-trial', context],
  ['compound', 'master', context],
  ['compound', 'sine-bar', context],
  ['compound', 'pins', context],
  ['tailstock', 'indicator', context],
  ['tailstock', 'scale-trial', context],
  ['tailstock', 'setting-gauge', context],
  ['copy-master', 'master', { ...context, task: SHORT_CONE }],
  ['form-tool', 'edge', { ...context, task: WIDE }],
  ['form-tool', 'scale-trial', { ...context, task: WIDE }],
  ['reamer', 'ream', { ...context, task: BORE }],
];

describe('every school of every way', () => {
  it.each(PAIRS)('%s by %s: cards with words, finite figures, one proof', (way, school, c) => {
    const cards = settingSteps(way, c, school);
    expect(cards.filter((s) => s.proves)).toHaveLength(1);
    expect(new Set(cards.map((s) => s.id)).size).toBe(cards.length);
    for (const card of cards) {
      for (const system of ['mm', 'inch'] as const) {
        const words = [card.title, card.detail, card.bandNote ?? ['']].map((p) => plainText(p, system));
        expect(words.join(' ')).not.toMatch(/NaN|undefined|Infinity/);
      }
      for (const { figure } of card.figures) expect(Number.isFinite(figure.value)).toBe(true);
      for (const row of card.table?.rows ?? []) {
        expect(row).toHaveLength(card.table!.head.length);
        expect(row.map((cell) => plainText(cell)).join(' ')).not.toMatch(/NaN|undefined/);
      }
    }
  });

  it.each(PAIRS.filter(([, school]) => school !== 'ream'))(
    '%s by %s: what a flawless instrument reads at the wanted angle is in band, and off it is not',
    (way, school, c) => {
      const { sweep } = proof(way, school, c);
      const read = (standsAt: number) =>
        sweep!.stations.map(({ at }) => ({
          at,
          seen: readingFor(sweep!.reads, sweep!.travelAlong, c.task, at, standsAt),
        }));
      fc.assert(
        fc.property(fc.double({ min: -0.01, max: 0.01, noNaN: true }), (off) => {
          const verdict = judgeSweep(way, c, sweep!, read(c.task.halfAngle + off));
          const inside = Math.abs(off) <= c.task.tolerance.halfAngle * 0.99;
          if (inside) expect(verdict.inBand).toBe(true);
          if (Math.abs(off) > 0.003) {
            expect(verdict.inBand).toBe(false);
            expect(verdict.fit.halfAngle).toBeCloseTo(c.task.halfAngle + off, 9);
            expect(plainText(verdict.nudge!.because)).toContain(off > 0 ? 'steep' : 'shallow');
          }
        }),
        { seed: 11 },
      );
    },
  );

  it('says why a school cannot be used, and gives no cards for it', () => {
    const bare: SettingContext = { task: SHANK, lathe: LONG };
    for (const school of ['master', 'sine-bar', 'pins'] as const) {
      const choice = schoolsFor('compound', bare).find((s) => s.id === school)!;
      expect(plainText(choice.blocked!).length).toBeGreaterThan(15);
      expect(settingSteps('compound', bare, school)).toEqual([]);
    }
    expect(schoolsFor('compound', bare).map((s) => s.id)).toContain('indicator');
  });

  it('falls back to the way’s usual school when asked for one it does not have', () => {
    expect(schoolOf('tailstock', 'pins').id).toBe('indicator');
    expect(schoolOf('copy-master').id).toBe('master');
    expect(schoolOf('form-tool').id).toBe('edge');
    expect(wayOf('reamer').device).toBeNull();
    expect(wayOf('copy-master').device).toBe('compound');
  });
});

describe('the master', () => {
  const cards = settingSteps('attachment', context, 'master');
  it('is clocked true at both ends before it is copied', () => {
    const ids = cards.map((s) => s.id);
    expect(ids.indexOf('truth')).toBeLessThan(ids.indexOf('master.sweep'));
    const truth = cards.find((s) => s.id === 'truth')!;
    const [near, far] = truth.sweep!.stations;
    // The worst the two swings allow tilts the master by no more than the part's own band.
    const tilt = (near!.high + far!.high) / 2 / (far!.at - near!.at);
    expect(tilt).toBeCloseTo(SHANK.tolerance.halfAngle, 9);
    const judge = (a: number, b: number) =>
      judgeSweep('attachment', context, truth.sweep!, [
        { at: near!.at, seen: a },
        { at: far!.at, seen: b },
      ]);
    expect(judge(0, 0).inBand).toBe(true);
    expect(plainText(judge(0, 0.05).remark!)).toContain('one end only');
    expect(plainText(judge(0.05, 0.05).remark!)).toContain('off centre');
    expect(judge(0, 0.05).nudge).toBeNull();
  });
  it('a climb that is left is the error, in the way’s own unit', () => {
    const { sweep } = cards.find((s) => s.id === 'master.sweep')!;
    const readings = sweep!.stations.map(({ at }) => ({ at, seen: at * 1e-3 }));
    const verdict = judgeSweep('attachment', context, sweep!, readings);
    expect(Math.tan(verdict.fit.halfAngle!)).toBeCloseTo(Math.tan(SHANK.halfAngle) + 1e-3, 9);
    expect(verdict.nudge?.amount.value).toBeCloseTo(0.18, 6);
  });
  it('warns of a flat foot the more the steeper the cone', () => {
    const steep = { ...SHANK, halfAngle: Math.atan(7 / 48) };
    const kit = { ...DRAWER, masters: [{ name: 'Arbor', ratio: 7 / 24, length: 46 }] };
    const card = settingSteps('compound', { task: steep, lathe: LONG, kit }, 'master').at(-2)!;
    expect(plainText(card.detail)).toContain('never use one');
    expect(
      plainText(settingSteps('compound', { task: steep, lathe: LONG, kit }, 'master')[1]!.detail),
    ).toContain('Never proved here');
  });
});

describe('sine bar and blocks', () => {
  const stack = (c: SettingContext) => settingSteps('compound', c, 'sine-bar').find((s) => s.id === 'stack')!;
  it('wants roller centres times the sine, and lists the stack with wear blocks at its ends', () => {
    const card = stack(context);
    expect(card.figures[0]!.figure.value).toBeCloseTo(100 * Math.sin(SHANK.halfAngle), 9);
    expect(card.working.at(-1)?.confusion).toBe(true);
    // 2.509 less two wear blocks of 2 is nothing: the card says so rather than stacking.
    expect(plainText(card.detail)).toContain('wear blocks alone');
    const steep: SettingContext = { ...context, task: { ...SHANK, halfAngle: 8 * DEG } };
    const rows = stack(steep).table!.rows.map((row) => row.map((cell) => plainText(cell)));
    expect(rows[0]![0]).toBe('wear block');
    expect(rows.at(-1)![0]).toBe('wear block');
    const sum = rows.reduce((total, row) => total + parseFloat(row[1]!), 0);
    expect(sum).toBeCloseTo(100 * Math.sin(8 * DEG), 3);
  });
  it('says what the stack leaves over: nothing, or so much of an angle and what that is on the cone', () => {
    const left = (sine: number): string => {
      const task = { ...SHANK, halfAngle: Math.asin(sine) };
      return plainText(stack({ ...context, withoutWear: true, task }).detail);
    };
    expect(left(0.25)).toMatch(/Left over: nothing\.$/);
    // The half-micrometre block is the nearest: 25.0005 of 25.0004.
    const [off, wanted] = [Math.asin(0.250005), Math.asin(0.250004)];
    const seconds = ((off - wanted) / DEG) * 3600;
    const onDiameter = 2 * SHANK.length * (Math.tan(off) - Math.tan(wanted));
    expect(left(0.250004)).toContain(
      `Left over: ${seconds.toFixed(1)}″, +${onDiameter.toFixed(4)}\u00a0mm on diameter.`,
    );
  });
  it('keeps off blocks that stand in another stack, and does without wear blocks when told', () => {
    const plain = stack({ ...context, withoutWear: true });
    const first = plain.table!.rows.map((row) => plainText(row[1]!));
    const inUse = first.map((t) => parseFloat(t));
    const again = stack({ ...context, withoutWear: true, blocksInUse: inUse }).table!.rows.map((row) =>
      plainText(row[1]!),
    );
    expect(again.filter((t) => first.includes(t))).toEqual([]);
  });
  it('proves the slide’s face first, since the bar is only as good as what it is pressed to', () => {
    const [swing, face] = settingSteps('compound', context, 'sine-bar');
    expect([swing!.id, face!.id]).toEqual(['swing', 'face']);
    expect(settingSteps('attachment', context, 'sine-bar').some((s) => s.id === 'face')).toBe(false);
  });
});

describe('pins', () => {
  it('uses the hole whose slope is this taper, and none that is not', () => {
    const card = settingSteps('compound', context, 'pins').find((s) => s.id === 'press')!;
    expect(plainText(card.title)).toContain('No. 3 Morse of Angle block');
    const other = { ...context, task: { ...SHANK, halfAngle: Math.atan(1 / 40) } };
    expect(plainText(schoolsFor('compound', other).find((s) => s.id === 'pins')!.blocked!)).toContain(
      'No pin block',
    );
  });
});

describe('the tailstock', () => {
  it('a setting gauge says what a wider countersink costs', () => {
    const card = settingSteps('tailstock', context, 'setting-gauge').find((s) => s.id === 'gauge')!;
    expect(card.drawing).toMatchObject({ kind: 'gauge', length: 136, taperLength: 86 });
    expect(centreHole(20).depth).toBeCloseTo(5 / 2 / Math.tan(30 * DEG), 9);
    expect(plainText(card.detail)).toMatch(/0\.17\u00a0mm between centres/);
  });
  it('comes back to zero afterwards, and that holds nothing up', () => {
    const home = settingSteps('tailstock', context).find((s) => s.id === 'home')!;
    expect(home.later).toBe(true);
    const at = home.sweep!.stations[0]!.at;
    expect(judgeSweep('tailstock', context, home.sweep!, [{ at, seen: 0.02 }]).inBand).toBe(false);
    expect(judgeSweep('tailstock', context, home.sweep!, [{ at, seen: 0.003 }]).inBand).toBe(true);
  });
  it('wants ball centres when it is much', () => {
    const steep = { ...SHANK, halfAngle: 2 * DEG };
    const card = settingSteps('tailstock', { ...context, task: steep }).find((s) => s.id === 'offset')!;
    expect(card.caution).toContain('ball centres');
    expect(
      settingSteps('tailstock', { task: { ...SHANK, halfAngle: 0.5 * DEG }, lathe: LONG })[0]!.caution,
    ).toBeUndefined();
  });
});

describe('the attachment', () => {
  const withBar = (more: object): SettingContext => ({
    ...context,
    lathe: { ...LONG, attachment: { ...LONG.attachment!, ...more } },
  });
  it('reads its scale in its own unit', () => {
    const title = (more: object) => plainText(settingSteps('attachment', withBar(more))[0]!.title);
    expect(title({ scale: { unit: 'per-foot', division: 0.05 / 12 } })).toContain('0.60\u00a0in/ft');
    expect(title({ scale: { unit: 'mm-per-m', division: 0.001 } })).toContain('50\u00a0mm/m');
    expect(title({ scale: { unit: 'included', division: DEG / 12 } })).toContain('2°55′');
    expect(title({})).toContain('1°25′');
  });
  it('gives turns of the knob where the bar has a worm', () => {
    const worm = withBar({ turnsPerDegree: 3 });
    const { sweep } = proof('attachment', 'indicator', worm);
    const off = 0.1 * DEG;
    const readings = sweep!.stations.map(({ at }) => ({ at, seen: at * Math.tan(SHANK.halfAngle + off) }));
    const nudge = judgeSweep('attachment', worm, sweep!, readings).nudge!;
    expect(plainText(nudge.also!)).toBe('or 0.30 of a turn of the knob, shallower');
  });
  it('says what flat a bumped handle makes: lash over the tangent', () => {
    const card = settingSteps('attachment', context).find((s) => s.id === 'lock')!;
    expect(card.figures[0]!.figure.value).toBeCloseTo(0.08 / Math.tan(SHANK.halfAngle), 9);
    expect(settingSteps('attachment', withBar({ lash: 0 })).find((s) => s.id === 'lock')!.figures).toEqual(
      [],
    );
  });
  it('converts the compound’s dial for the angle it stands at', () => {
    const lathe = { ...LONG, compound: { ...LONG.compound!, feedAngle: 30 * DEG } };
    const card = settingSteps('attachment', { ...context, lathe }).find((s) => s.id === 'infeed')!;
    expect(card.figures[0]!.figure.value).toBeCloseTo(0.1, 9);
    expect(plainText(card.detail)).toContain('creeps');
    const square = { ...LONG, compound: { ...LONG.compound!, feedAngle: 90 * DEG } };
    expect(
      settingSteps('attachment', { ...context, lathe: square }).find((s) => s.id === 'infeed')!.figures[0]!
        .figure.value,
    ).toBeCloseTo(0.05, 9);
    expect(settingSteps('attachment', context).some((s) => s.id === 'infeed')).toBe(false);
  });
});

describe('the trial cut', () => {
  it('asks for the difference of diameters with the finest micrometer that spans it', () => {
    const card = proof('attachment', 'scale-trial');
    expect(card.figures[0]!.figure.value).toBeCloseTo(75 / 19.922, 9);
    expect(plainText(card.detail)).toContain('With the Micrometer.');
    expect(
      plainText(
        proof('attachment', 'scale-trial', { ...context, task: { ...SHANK, largeDiameter: 40 } }).detail,
      ),
    ).toContain('Large micrometer');
  });
  it('says when the instrument cannot tell the band', () => {
    const blunt = { ...context, kit: { ...DRAWER, instruments: [] } };
    expect(plainText(proof('attachment', 'scale-trial', blunt).bandNote!)).toContain('finish in the mate');
  });
});

it('the compound’s taps are worth what the geometry says', () => {
  const swing = settingSteps('compound', { ...context, lathe: SHORT })[0]!;
  expect(swing.drawing).toMatchObject({ kind: 'swing', zero: 'across' });
  expect(swing.table!.rows.length).toBeGreaterThanOrEqual(4);
});

describe('pins, by the tangent', () => {
  const card = settingSteps('compound', context, 'pins').find((s) => s.id === 'press')!;
  const [hole] = DRAWER.pinBlocks[0]!.holes;
  it('say what they make, what that is worth here, and what the sine would make instead', () => {
    const made = Math.atan(hole!.y / hole!.x);
    const values = card.detail.flatMap((part) => (typeof part === 'string' ? [] : [part.value]));
    expect(values[0]).toBeCloseTo(made, 12);
    expect(values[1]).toBeCloseTo(2 * SHANK.length * (Math.tan(made) - Math.tan(SHANK.halfAngle)), 12);
    const [, truth, confused] = card.working;
    expect(truth!.figures.map((f) => f.value)).toEqual([hole!.y, hole!.x, expect.closeTo(made, 12)]);
    expect(confused!.confusion).toBe(true);
    expect(confused!.figures.at(-1)!.value).toBeCloseTo(hole!.x * Math.sin(SHANK.halfAngle), 12);
    expect(confused!.note!.flatMap((part) => (typeof part === 'string' ? [] : [part.value]))[0]).toBeCloseTo(
      hole!.x * (Math.tan(SHANK.halfAngle) - Math.sin(SHANK.halfAngle)),
      12,
    );
  });
  it('the hole nearest this taper is taken, and one just out of twice its band is not', () => {
    const at = (off: number) => ({ name: 'x', x: 100, y: 100 * Math.tan(SHANK.halfAngle + off) });
    const kitWith = (...offs: number[]) => ({
      ...DRAWER,
      pinBlocks: [{ name: 'B', holes: offs.map((off, i) => ({ ...at(off), name: `h${i}` })) }],
    });
    const band = SHANK.tolerance.halfAngle;
    const title = (kit: typeof DRAWER) =>
      plainText(settingSteps('compound', { ...context, kit }, 'pins').find((s) => s.id === 'press')!.title);
    expect(title(kitWith(1.5 * band, -0.5 * band))).toContain('h1');
    expect(
      schoolsFor('compound', { ...context, kit: kitWith(2.1 * band) }).find((s) => s.id === 'pins')!.blocked,
    ).not.toBeNull();
    expect(
      schoolsFor('compound', { ...context, kit: kitWith(1.9 * band) }).find((s) => s.id === 'pins')!.blocked,
    ).toBeNull();
  });
});

describe.each(['attachment', 'compound', 'tailstock', 'form-tool'] as const)('a nudge of the %s', (way) => {
  const at = (from: number) =>
    nextNudge(way, { ...context, task: way === 'form-tool' ? WIDE : SHANK }, from, 75);
  it('goes the other way for the other error, says which it was, and grows with it', () => {
    const [steep, shallow] = [at(SHANK.halfAngle + 0.001), at(SHANK.halfAngle - 0.001)];
    expect(steep.direction).not.toBe(shallow.direction);
    expect([steep.because[0], shallow.because[0]]).toEqual(['Too steep by ', 'Too shallow by ']);
    expect(steep.amount.value).toBeGreaterThan(0);
    expect(at(SHANK.halfAngle + 0.002).amount.value).toBeGreaterThan(1.9 * steep.amount.value);
    expect(at(SHANK.halfAngle).amount.value).toBeCloseTo(0, 9);
  });
});

describe('a nudge of the compound', () => {
  it('is what the needle must change by over the travel it was checked over', () => {
    const nudge = nextNudge('compound', context, SHANK.halfAngle + 0.001, 75);
    expect(nudge.amount.value).toBeCloseTo(
      75 * (Math.sin(SHANK.halfAngle + 0.001) - Math.sin(SHANK.halfAngle)),
      9,
    );
    expect(nudge.direction).toContain('nearer the bed');
    expect(nudge.move).toMatchObject({ steeper: false, largeEnd: 'headstock' });
    expect(nextNudge('compound', context, -0.001, 75).amount.value).toBeCloseTo(
      75 * (Math.sin(SHANK.halfAngle) + Math.sin(0.001)),
      9,
    );
  });
});
