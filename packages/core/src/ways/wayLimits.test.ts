import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { DRAWER, LONG, SHANK, SHORT } from '../testkit.testdata';
import { barReading } from './barScale';
import { barLacks, fitBars, smallestBore } from './boringBar';
import { compareWays } from './taper/choose';
import { tailstockCollision } from './tailstockCollision';
import { toolHeightError, toolHeightLimit, toolHeightProfile } from './toolHeightError';
import { setUpMinutes } from './minutes';
import { wayOf } from './taper/registry';

const DEG = Math.PI / 180;
const BORE = { ...SHANK, member: 'internal' as const };
const assessed = (over: Partial<Parameters<typeof compareWays>[0]>, id: string) =>
  compareWays({ task: SHANK, lathe: LONG, stillSet: [], kit: DRAWER, ...over }).assessments.find(
    (a) => a.id === id,
  )!;
const said = (phrases: readonly Parameters<typeof plainText>[0][]) =>
  phrases.map((p) => plainText(p)).join(' ');

describe('what a boring tool clears', () => {
  it('agrees with walking the front face down inside the bore’s circle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 12, noNaN: true }),
        fc.double({ min: 4, max: 30, noNaN: true }),
        (edgeDepth, degrees) => {
          const clearance = degrees * DEG;
          const { heel } = smallestBore({
            name: '',
            diameter: 1,
            reach: 1,
            pointOffset: 0,
            edgeDepth,
            clearance,
            material: 'steel',
          });
          const touches = (bore: number) => {
            const r = bore / 2;
            for (let i = 1; i <= 200; i++) {
              const down = (edgeDepth * i) / 200;
              if (Math.hypot(r - down * Math.tan(clearance), down) > r + 1e-9) return true;
            }
            return false;
          };
          expect(touches(heel * 0.99)).toBe(true);
          expect(touches(heel * 1.0001)).toBe(false);
        },
      ),
    );
  });
  it('puts the stiffest that works first, and those that do not after', () => {
    const fits = fitBars(DRAWER.boringBars, { depth: 40, smallEnd: 30 });
    expect(fits.map((f) => f.bar.name)).toEqual(['20 mm bar', '10 mm bar']);
    expect(fitBars(DRAWER.boringBars, { depth: 40, smallEnd: 18 })[0]!.bar.name).toBe('10 mm bar');
    expect(fitBars(DRAWER.boringBars, { depth: 105, smallEnd: 12 }).every((f) => !f.works)).toBe(true);
  });
  describe('of bars none of which works', () => {
    const bar = (name: string, diameter: number, reach: number) => ({
      ...DRAWER.boringBars[0]!,
      name,
      diameter,
      reach,
      pointOffset: diameter / 2,
      edgeDepth: 0,
      material: 'steel' as const,
    });
    const bore = { depth: 86, smallEnd: 20 };
    const order = (...bars: ReturnType<typeof bar>[]) =>
      fitBars(bars, bore).map((f) => [f.bar.name, f.lacks]);

    it('the one that only sings comes nearest, then those too short, then those that do not go in', () => {
      const [thick, thicker] = [bar('thick', 30, 200), bar('thicker', 60, 200)];
      const [short, shorter] = [bar('short', 16, 80), bar('shorter', 17, 40)];
      const [thin, thinner] = [bar('thin', 12, 100), bar('thinner', 8, 100)];
      expect(order(thicker, thinner, shorter, thick, short, thin)).toEqual([
        ['thin', 'stiffness'],
        ['thinner', 'stiffness'],
        ['short', 'reach'],
        ['shorter', 'reach'],
        ['thick', 'room'],
        ['thicker', 'room'],
      ]);
      expect(order(thicker, bar('right', 16, 90), thin)[0]).toEqual(['right', null]);
    });
    it.each([
      [bar('thick', 30, 200), /^The thick clears a bore of 31\.5.mm; the small end is 20\.0.mm\.$/],
      [bar('short', 16, 80), /^The short reaches 80\.0.mm and no further\.$/],
      [bar('thin', 8, 100), /^The thin would stand out 10\.8 times its diameter/],
    ])('it is said why: %#', (one, words) => {
      const [fit] = fitBars([one], bore);
      expect(plainText(barLacks(fit!, bore.smallEnd)!)).toMatch(words);
      expect(fit!.works).toBe(false);
    });
    it('nothing is said of one that does', () => {
      expect(barLacks(fitBars([bar('right', 16, 90)], bore)[0]!, bore.smallEnd)).toBeNull();
    });
  });
  it('rules a way out with the bar that came nearest, and says stick-out when it works', () => {
    const deep = { ...BORE, length: 105, smallDiameter: 12 };
    expect(said(assessed({ task: deep }, 'compound').blockers)).toMatch(/bar (clears|reaches|would)/);
    const fine = { ...BORE, length: 40, smallDiameter: 30, largeDiameter: 32 };
    expect(said(assessed({ task: fine }, 'compound').notes)).toMatch(/stands out 2\.1 times its diameter/);
    expect(said(assessed({ task: fine, kit: undefined }, 'compound').notes)).toContain(
      'No boring bar on record',
    );
  });
});

describe('the compound and the tailstock', () => {
  const compound = { ...LONG.compound!, handleReach: 200, handleOut: 80 };
  const tailstock = { ...LONG.tailstock!, barrelReach: 60, bodyRadius: 60 };
  const given = { task: SHANK, compound, tailstock, beyond: 0 };
  it('collide when the handle swings toward the body, and clear when it swings away', () => {
    const steep = { ...SHANK, halfAngle: 20 * DEG };
    expect(tailstockCollision({ ...given, task: steep })).toBe('collides');
    expect(tailstockCollision({ ...given, task: { ...steep, largeEnd: 'tailstock' } })).toBe('clear');
    expect(tailstockCollision({ ...given, task: steep, beyond: 200 })).toBe('clear');
  });
  it('is unknown until the lathe’s record says', () => {
    expect(tailstockCollision({ ...given, compound: LONG.compound! })).toBe('unknown');
    const { handleReach, handleOut } = compound;
    for (const half of [
      { compound: { ...LONG.compound!, handleReach } },
      { compound: { ...LONG.compound!, handleOut } },
      { tailstock: { ...LONG.tailstock!, barrelReach: 60 } },
      { tailstock: { ...LONG.tailstock!, bodyRadius: 60 } },
      { tailstock: null },
    ])
      expect(tailstockCollision({ ...given, ...half })).toBe('unknown');
    expect(tailstockCollision({ ...given, tailstock: null })).toBe('unknown');
    expect(said(assessed({}, 'compound').notes)).toContain('not on record');
  });
});

describe('six ways', () => {
  it('weighs all of them, and each says what rules it out', () => {
    const { assessments } = compareWays({ task: SHANK, lathe: SHORT, stillSet: [], kit: DRAWER });
    expect(assessments.map((a) => a.id)).toEqual([
      'compound',
      'attachment',
      'tailstock',
      'copy-master',
      'reamer',
      'form-tool',
    ]);
    for (const a of assessments) {
      expect(plainText(a.finish).length).toBeGreaterThan(10);
      expect(a.minutes).toBeGreaterThan(0);
      for (const b of a.blockers) expect(plainText(b, 'inch')).not.toMatch(/NaN|undefined/);
    }
  });
  it('a boring bar is a bore’s to ask for: an outside cone asks for none', () => {
    const asked = (task: typeof SHANK, boringBars: (typeof DRAWER)['boringBars']): string => {
      const { blockers, notes } = assessed({ task, kit: { ...DRAWER, boringBars } }, 'attachment');
      return said([...blockers, ...notes]);
    };
    const stub = { ...DRAWER.boringBars[0]!, name: 'Stub', reach: 20 };
    expect(asked(BORE, [stub])).toMatch(/Stub/);
    expect(asked(BORE, [])).toMatch(/No boring bar on record/);
    expect(asked(SHANK, [stub])).not.toMatch(/Stub|boring bar/);
    expect(asked(SHANK, [])).not.toMatch(/boring bar/);
  });
  it('a reamer needs to be owned, long enough, of this taper, and wants a bore', () => {
    expect(said(assessed({}, 'reamer').blockers)).toContain('outside');
    expect(assessed({ task: BORE }, 'reamer').blockers).toEqual([]);
    expect(said(assessed({ task: { ...BORE, length: 100 } }, 'reamer').blockers)).toContain(
      'No taper reamer',
    );
    expect(said(assessed({ task: { ...BORE, halfAngle: 3 * DEG } }, 'reamer').blockers)).toContain('owned');
  });
  it('a master needs to be of this taper; an unproved one is said to be', () => {
    expect(assessed({}, 'copy-master').blockers).toEqual([]);
    expect(said(assessed({}, 'copy-master').notes)).toContain('proved 2026-09-02');
    const unproved = { ...DRAWER, masters: [{ name: 'Shank', ratio: 1 / 19.922, length: 60 }] };
    expect(said(assessed({ kit: unproved }, 'copy-master').notes)).toContain('never been proved');
    expect(said(assessed({ kit: undefined }, 'copy-master').blockers)).toContain('No master');
  });
  it('a wide tool is for what is short and thick', () => {
    expect(said(assessed({}, 'form-tool').blockers)).toContain('chatters');
    expect(assessed({ task: { ...SHANK, length: 12 } }, 'form-tool').blockers).toEqual([]);
  });
  it('recommends for its reason, whatever can work', () => {
    const chosen = (over: object) =>
      compareWays({ task: SHANK, lathe: LONG, stillSet: [], kit: DRAWER, ...over });
    expect(chosen({ task: { ...SHANK, length: 30 } }).recommended).toBe('copy-master');
    expect(chosen({ task: { ...SHANK, length: 30 }, kit: undefined }).recommended).toBe('compound');
    expect(chosen({ lathe: { ...LONG, attachment: null } }).recommended).toBe('tailstock');
    const bare = { ...LONG, attachment: null, tailstock: null };
    expect(chosen({ lathe: bare, kit: undefined }).recommended).toBe('compound');
    expect(plainText(chosen({ lathe: { ...bare, compound: null }, kit: undefined }).reason)).toContain(
      'None',
    );
  });
  it('errors shrink from scale to indicator', () => {
    for (const id of ['compound', 'attachment', 'tailstock']) {
      const a = assessed({}, id);
      expect(a.errorByIndicator!.value).toBeLessThan(a.errorByScale!.value);
      expect(a.errorByScale!.value).toBeLessThan(a.divisionError!.value);
    }
  });
  it('set-up minutes are the shop’s own where it gave them, and few where it still stands', () => {
    expect(setUpMinutes(wayOf('compound'), { ...LONG, minutes: { compound: 45 } })).toBe(45);
    expect(setUpMinutes(wayOf('attachment'), LONG, true)).toBeLessThan(
      setUpMinutes(wayOf('attachment'), LONG),
    );
  });
});

describe('an attachment’s scale', () => {
  it.each(['half-angle', 'included', 'per-foot', 'mm-per-m'] as const)(
    '%s goes out and comes back',
    (unit) => {
      fc.assert(
        fc.property(fc.double({ min: 0.005, max: 0.2, noNaN: true }), (a) => {
          const read = barReading({ unit, division: 1e-9 }, a);
          expect(read.halfAngle).toBeCloseTo(a, 7);
          expect(read.divisionAngle).toBeGreaterThan(0);
        }),
      );
    },
  );
});

describe('the shape of a tool off centre', () => {
  it('starts at the small end, ends at the large end’s error, and is hollow between', () => {
    const cone = { smallDiameter: 20, length: 80, halfAngle: 0.025, height: 0.5 };
    const profile = toolHeightProfile(cone);
    expect(profile[0]!.off).toBeCloseTo(0, 12);
    expect(2 * profile.at(-1)!.off).toBeCloseTo(toolHeightError(cone).largeDiameterError, 9);
    const middle = profile[profile.length >> 1]!.off - profile.at(-1)!.off / 2;
    expect(2 * middle).toBeCloseTo(toolHeightError(cone).midDiameterError, 6);
    expect(toolHeightLimit({ ...cone, allowed: 0.01 })).toBeGreaterThan(0);
  });
});

describe('what a device is still set to', () => {
  const note = (id: string, halfAngle: number, workLength?: number) =>
    said(assessed({ stillSet: [{ device: id as 'compound', halfAngle, workLength }] }, id).notes);
  it('is offered where this taper could use it, and said not to be this taper’s otherwise', () => {
    for (const id of ['compound', 'attachment', 'tailstock'])
      expect(note(id, SHANK.halfAngle, SHANK.workLength)).toContain('inside this taper’s band');
    expect(note('compound', 0.1)).toContain('not this taper’s');
    expect(note('tailstock', SHANK.halfAngle, 300)).toContain('for work 300.0');
  });
});
