import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { LONG, SHANK, SHORT } from '../testkit.testdata';
import { compareWays } from './taper/choose';
import { divisionError } from './divisionError';
import { blankLengthError } from './taper/tailstock';

const of = (choice: ReturnType<typeof compareWays>, id: string) =>
  choice.assessments.find((a) => a.id === id)!;

describe('the ways on a long Morse shank', () => {
  it('recommends the attachment still set from before, and says so', () => {
    const choice = compareWays({
      task: SHANK,
      lathe: LONG,
      stillSet: [{ device: 'attachment', halfAngle: SHANK.halfAngle }],
    });
    expect(choice.recommended).toBe('attachment');
    expect(plainText(choice.reason)).toContain('still stands at 1°26′16″');
  });

  it('does not trust a bar set to something else', () => {
    const choice = compareWays({
      task: SHANK,
      lathe: LONG,
      stillSet: [{ device: 'attachment', halfAngle: 0.03 }],
    });
    expect(plainText(choice.reason)).toContain('Power feed');
  });

  it('on the short lathe only the tailstock reaches, and the rest say why not', () => {
    const choice = compareWays({ task: SHANK, lathe: SHORT, stillSet: [] });
    expect(choice.recommended).toBe('tailstock');
    expect(plainText(of(choice, 'compound').blockers[0]!)).toMatch(/30\.0\u00a0mm short/);
    expect(plainText(of(choice, 'attachment').blockers[0]!)).toContain('no taper attachment');
    expect(of(choice, 'tailstock').setting.value).toBeCloseTo(136 * Math.sin(SHANK.halfAngle), 9);
  });

  it('counts what one division of each scale is worth at the far end', () => {
    const choice = compareWays({ task: SHANK, lathe: LONG, stillSet: [] });
    expect(of(choice, 'compound').divisionError?.value).toBeCloseTo(
      2 * 86 * (Math.tan(SHANK.halfAngle + Math.PI / 180) - Math.tan(SHANK.halfAngle)),
      9,
    );
    expect(of(choice, 'tailstock').divisionError?.value).toBeCloseTo(2 * 86 * (0.5 / 136), 2);
    expect(divisionError({ length: 86, halfAngle: 0.025, division: 0 })).toBe(0);
  });

  it('nothing is recommended for what does not swing, nor for what is longer than the bed', () => {
    const lathe = { ...LONG, swing: 200, swingOverSlide: 110 };
    const large = { ...SHANK, largeDiameter: 249, smallDiameter: 245 };
    expect(compareWays({ task: large, lathe, stillSet: [] }).recommended).toBeNull();
    const inside = compareWays({
      task: { ...SHANK, member: 'internal', workDiameter: 249 },
      lathe,
      stillSet: [],
    });
    expect(plainText(inside.assessments[0]!.blockers[0]!)).toMatch(/249.*does not swing over the bed/);
    const overSlide = { ...SHANK, workDiameter: 150 };
    expect(
      plainText(compareWays({ task: overSlide, lathe, stillSet: [] }).assessments[0]!.blockers[0]!),
    ).toContain('cross-slide');
    const long = { ...SHANK, workLength: 1001 };
    for (const { blockers } of compareWays({ task: long, lathe: LONG, stillSet: [] }).assessments)
      expect(blockers.map((b) => plainText(b)).join()).toContain('between centres');
    expect(compareWays({ task: SHANK, lathe, stillSet: [] }).recommended).not.toBeNull();
  });

  it('never sends a bore between centres', () => {
    const choice = compareWays({
      task: { ...SHANK, member: 'internal', length: 30 },
      lathe: SHORT,
      stillSet: [],
    });
    expect(choice.recommended).toBe('compound');
    expect(plainText(of(choice, 'tailstock').blockers[0]!)).toContain('nowhere to bore');
  });

  it('says plainly when nothing here can make it', () => {
    const choice = compareWays({ task: { ...SHANK, member: 'internal' }, lathe: SHORT, stillSet: [] });
    expect(choice.recommended).toBeNull();
    expect(plainText(choice.reason)).toContain('None of these');
  });

  it('a longer blank on the same set-over comes out less tapered', () => {
    const error = blankLengthError(136, SHANK.halfAngle, 86, 1);
    const s = 136 * Math.sin(SHANK.halfAngle);
    expect(error).toBeCloseTo(2 * 86 * (Math.tan(SHANK.halfAngle) - s / Math.sqrt(137 ** 2 - s ** 2)), 9);
    expect(error).toBeGreaterThan(0.03);
  });
});
