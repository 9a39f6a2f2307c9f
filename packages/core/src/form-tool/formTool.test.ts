import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { chatterRisk, formTool } from './formTool';
import { formToolOutline } from './formToolOutline';
import { testCut, type GrooveCheck } from './testCut';
import { soakMinutes, TEMPER_COLOURS, TOOL_STEELS } from './toolSteel';

const work = [
  { z: 0, r: 15 },
  { z: 2, r: 13 },
  { z: 5, r: 13 },
  { z: 7, r: 15 },
];
const degrees = (d: number): number => (d * Math.PI) / 180;

describe('a form tool’s own figures', () => {
  it('with no rake and no clearance a flat tool is the profile itself', () => {
    const { points } = formTool({ kind: 'flat', work, rake: 0, clearance: 1e-9, toolRadius: 1 });
    expect(points.map((p) => p.tool)).toEqual([2, 0, 0, 2].map((d) => expect.closeTo(d, 6)));
    for (const p of points) expect(Math.abs(p.uncorrected)).toBeLessThan(1e-6);
  });
  it('rake and clearance make it shallower, and leaving that out costs the work', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 20 }), fc.integer({ min: 4, max: 15 }), (rake, clearance) => {
        const { points } = formTool({
          kind: 'flat',
          work,
          rake: degrees(rake),
          clearance: degrees(clearance),
          toolRadius: 1,
        });
        expect(points[0]!.tool).toBeLessThan(2);
        expect(points[0]!.uncorrected).toBeCloseTo(2 - points[0]!.tool, 12);
        expect(points[1]!.tool).toBeCloseTo(0, 12);
      }),
      { seed: 1 },
    );
  });
  it('a round one is largest where the work is smallest', () => {
    const { points } = formTool({
      kind: 'circular',
      work,
      rake: degrees(10),
      clearance: degrees(10),
      toolRadius: 40,
    });
    expect(points[1]!.tool).toBeCloseTo(40, 9);
    expect(points[0]!.tool).toBeLessThan(40);
    expect(points[0]!.tool).toBeGreaterThan(38);
  });
  it('says the whole edge, the thinnest place, and on diameter what no correction would cost', () => {
    const tool = formTool({
      kind: 'flat',
      work: [...work, work[3]!],
      rake: degrees(10),
      clearance: degrees(8),
      toolRadius: 1,
    });
    expect(tool.points).toHaveLength(4);
    expect([tool.width, tool.thinnest]).toEqual([7, 26]);
    expect(tool.uncorrected).toBeCloseTo(2 * tool.points[0]!.uncorrected, 12);
  });
  it('needs two places', () => {
    expect(() =>
      formTool({ kind: 'flat', work: [work[0]!], rake: 0, clearance: 0.1, toolRadius: 1 }),
    ).toThrow(expect.objectContaining({ field: 'work' }));
  });
});

describe('chatter, as a grade with its reason', () => {
  it('never gets better for being wider, thinner or further out', () => {
    const grade = { low: 0, some: 1, high: 2 };
    const at = (width: number, diameter: number, stickOut: number): number =>
      grade[chatterRisk({ width, diameter, stickOut }).risk];
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 25 }),
        fc.integer({ min: 5, max: 60 }),
        fc.integer({ min: 5, max: 200 }),
        (w, d, s) => {
          expect(at(w + 1, d, s)).toBeGreaterThanOrEqual(at(w, d, s));
          expect(at(w, d, s + 5)).toBeGreaterThanOrEqual(at(w, d, s));
          expect(at(w, d + 5, s)).toBeLessThanOrEqual(at(w, d, s));
        },
      ),
      { seed: 2 },
    );
    expect(chatterRisk({ width: 3, diameter: 30, stickOut: 40 }).risk).toBe('low');
  });
});

describe('a test cut of several grooves', () => {
  const groove = (more: Partial<GrooveCheck> = {}): GrooveCheck => ({
    name: 'First',
    width: 3.2,
    widthBand: 0.05,
    bottom: 26,
    bottomBand: 0.05,
    seenWidth: 3.2,
    seenBottom: 26.2,
    ...more,
  });
  it('one depth for all of them, and fed so far all are inside', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 26, max: 26.6, noNaN: true }),
        fc.double({ min: -0.04, max: 0.04, noNaN: true }),
        (seen, apart) => {
          const checks = [groove({ seenBottom: seen }), groove({ name: 'Second', seenBottom: seen + apart })];
          const { feed } = testCut(checks);
          expect(feed).not.toBeNull();
          const after = testCut(checks.map((c) => ({ ...c, seenBottom: c.seenBottom - 2 * feed! })));
          expect(after.grooves.map((g) => g.verdict)).toEqual(['right', 'right']);
        },
      ),
      { seed: 3 },
    );
  });
  it.each([
    [[groove({ seenBottom: 26.02 })], 'right', 'leave the tool alone'],
    [[groove(), groove({ name: 'Second', seenBottom: 26.5 })], 'deeper', 'No one depth'],
    [[groove({ seenWidth: 3.1 })], 'regrind', 'reground at First'],
    [[groove({ seenWidth: 3.4 })], 'too-wide', 'reground at First'],
    [[groove({ seenBottom: 25.8 })], 'too-deep', 'past'],
  ])('%# says what to do', (checks, verdict, words) => {
    const found = testCut(checks);
    expect(found.grooves[0]!.verdict).toBe(verdict);
    expect(plainText(found.said)).toContain(words);
  });
  it('at the very edge of their bands the grooves still have a depth in common', () => {
    const at = (seenBottom: number) => groove({ bottom: 26, bottomBand: 0.25, seenBottom });
    expect(testCut([at(25.75), at(26)]).feed).toBe(0);
    expect(testCut([at(26.5), at(26)]).feed).toBe(0.125);
    expect(testCut([at(26.5), at(25.96)]).feed).toBeNull();
  });
  it('at the very edge of its own band a groove is right, and a hundredth beyond it is not', () => {
    const verdicts = (more: Partial<GrooveCheck>) =>
      testCut(
        [
          groove({ seenBottom: 26, place: { at: 0, seen: 0 } }),
          groove({ seenBottom: 26, width: 3.25, seenWidth: 3.25, widthBand: 0.25, ...more }),
        ],
        { place: 0.125, land: 1 },
      ).grooves[1]!.verdict;
    expect([3, 3.5].map((seenWidth) => verdicts({ seenWidth }))).toEqual(['right', 'right']);
    expect([2.99, 3.51].map((seenWidth) => verdicts({ seenWidth }))).toEqual(['regrind', 'too-wide']);
    const placed = (seen: number) => verdicts({ place: { at: 12.5, seen } });
    expect([12.375, 12.625].map(placed)).toEqual(['right', 'right']);
    expect([12.365, 12.635].map(placed)).toEqual(['misplaced', 'misplaced']);
  });
  it('a groove out of its place, or a land out of its own, is the tool’s fault and no depth cures it', () => {
    const two = (seen: number, seenWidth = 3.2) => [
      groove({ seenBottom: 26, place: { at: 0, seen: 0 }, seenWidth }),
      groove({ name: 'Second', seenBottom: 26, place: { at: 12.8, seen } }),
    ];
    const bands = { place: 0.1, land: 0.08 };
    expect(testCut(two(12.82), bands)).toMatchObject({ right: true, feed: 0, lands: [{ right: true }] });
    const misplaced = testCut(two(12.95), bands);
    expect(misplaced.grooves[1]!.verdict).toBe('misplaced');
    expect(plainText(misplaced.said)).toContain('reground at Second');
    const thin = testCut(two(12.72, 3.24), { place: 0.1, land: 0.08 });
    expect(thin.grooves.map((g) => g.verdict)).toEqual(['right', 'right']);
    expect(thin.lands[0]).toMatchObject({ right: false, wanted: expect.closeTo(9.6, 9) });
    expect(thin.lands[0]!.off).toBeCloseTo(-0.12, 9);
    expect(plainText(thin.said)).toContain('the land from First to Second');
    expect(thin.right).toBe(false);
    expect(testCut([groove(), groove({ name: 'Second' })], bands).lands).toEqual([]);
    // Of three with a place missing, no land is told on either side of it.
    const placed = (name: string, at: number) => groove({ name, place: { at, seen: at } });
    const [first, , third] = [placed('First', 0), groove({ name: 'Second' }), placed('Third', 25.6)];
    expect(testCut([first, groove({ name: 'Second' }), third], bands).lands).toEqual([]);
    const between = testCut([first, placed('Second', 12.8), groove({ name: 'Third' })], bands).lands;
    expect(between.map((land) => land.between)).toEqual([['First', 'Second']]);
  });
});

describe('the tool drawn', () => {
  const work = [
    { z: 5, r: 15 },
    { z: 5, r: 13 },
    { z: 8.2, r: 13 },
    { z: 8.2, r: 15 },
  ];
  it.each(['flat', 'circular'] as const)('a %s tool reaches furthest where the work is thinnest', (kind) => {
    const tool = formTool({ kind, work, rake: 0.1, clearance: 0.14, toolRadius: 30 });
    const outline = formToolOutline(tool, kind);
    expect(outline).toHaveLength(tool.points.length + 2);
    expect(Math.min(...outline.map((p) => p.z))).toBe(0);
    const far = outline.filter((p) => p.r === Math.max(...outline.map((q) => q.r))).map((p) => p.z);
    expect(far).toEqual([expect.closeTo(0, 9), expect.closeTo(3.2, 9)]);
  });
});

describe('hardening', () => {
  it('soaks by its thickness, and the colours grow with the heat', () => {
    expect([1, 6, 7].map(soakMinutes)).toEqual([1, 3, 4]);
    for (const wrong of [0, -3, 1000, Number.NaN])
      expect(() => soakMinutes(wrong)).toThrow(expect.objectContaining({ field: 'thickness' }));
    const heats = TEMPER_COLOURS.map((c) => c.at);
    expect(heats).toEqual([...heats].sort((a, b) => a - b));
    for (const steel of TOOL_STEELS) {
      expect(steel.harden[0]).toBeGreaterThan(steel.preheat[1]);
      expect(TEMPER_COLOURS.some((c) => c.at >= steel.temper[0] && c.at <= steel.temper[1])).toBe(true);
    }
  });
});

describe('what a test cut says of a groove', () => {
  const groove = { name: 'G', width: 3, widthBand: 0.05, bottom: 20, bottomBand: 0.05 };
  const said = (seenWidth: number, seenBottom: number) => {
    const [one] = testCut([{ ...groove, seenWidth, seenBottom }]).grooves;
    return `${one!.verdict}: ${plainText(one!.said)}`.replaceAll('\u00a0', ' ');
  };
  it.each([
    [3, 20, 'right: Inside its bands.'],
    [3.05, 20.05, 'right: Inside its bands.'],
    [3, 20.2, 'deeper: 0.10 mm more on radius.'],
    [3, 19.8, 'too-deep: 0.10 mm too deep on radius.'],
    [2.9, 20, 'regrind: The groove is 0.10 mm too narrow: the tool must be made wider there.'],
  ])('%d wide, %d at the bottom', (width, bottom, text) => expect(said(width, bottom)).toBe(text));
});
