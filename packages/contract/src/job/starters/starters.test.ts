import { NO_KIT } from '@anello/core/kit';
import { solveTaperFeature } from '@anello/core/part';
import { planPart } from '@anello/core/plan';
import { tangOf } from '@anello/core/taper';
import { describe, expect, it } from 'vitest';
import type { FeatureDocument } from '../feature/schema';
import { coreFeatures } from '../feature/toCore';
import { coreLathe, entry, jobDocumentSchema, jobFacts, planPartOf } from '../../index';
import { LONG_LATHE } from '../../machine/machines.testdata';
import { job } from '../jobs.testdata';
import { startedWith, STARTERS, tableSize } from './registry';

const nothing = { figures: {}, tapers: {} };
const thousandths = (mm: number): number => Number(mm.toFixed(3));
const pointsOf = (feature: FeatureDocument): number[][] =>
  feature.kind === 'profile'
    ? feature.points.map(({ z, diameter }) => [thousandths(z!.value), thousandths(diameter!.value)])
    : [];

describe('what a job may begin from', () => {
  it.each(STARTERS.map((one) => [one.id, one] as const))(
    '%s is a whole part as it is offered',
    (_id, starter) => {
      const started = startedWith(starter, nothing);
      const document = job({ ...started });
      expect(jobDocumentSchema.safeParse(document).error).toBeUndefined();
      expect(jobFacts(document).partComplete).toBe(true);
      expect(starter.asks.length).toBeGreaterThanOrEqual(3);
      expect(starter.asks.length).toBeLessThanOrEqual(5);
      expect(new Set(started.features.map((f) => f.id)).size).toBe(started.features.length);
      const { findings } = planPart(planPartOf(document, coreLathe(LONG_LATHE), NO_KIT));
      expect(findings.filter((f) => f.level === 'impossible')).toEqual([]);
    },
  );
  it('takes what was typed, as it was typed, and the mate goes with its shape', () => {
    const shank = STARTERS.find((one) => one.id === 'plain-shank')!;
    const started = startedWith(shank, {
      figures: { body: entry('1 1/2 in') },
      tapers: { taper: tableSize('morse-iso/4') },
    });
    expect(started.title).toBe('Shank, No. 4 Morse');
    const [body, cone] = started.features;
    expect(body).toMatchObject({ diameter: entry('1 1/2 in') });
    expect(cone).toMatchObject({ kind: 'taper', series: { series: 'morse-iso', size: '4' } });
    expect(started.work[cone!.id]).toMatchObject({ kind: 'taper', mate: 'No. 4 Morse sleeve' });
  });
  it('a figure that cannot be is left for its box on Part to say', () => {
    const ball = STARTERS.find((one) => one.id === 'ball')!;
    const started = startedWith(ball, { figures: { stem: entry('90 mm') }, tapers: {} });
    expect(started.features).toHaveLength(2);
    // The ball is drawn as if on a stem of its own size: from its middle to a flat half of that.
    expect(pointsOf(started.features[1]!)).toEqual([
      [0, 90],
      [0, 32],
      [13.856, 16],
    ]);
  });
  it('a ball begins where its stem meets it', () => {
    const ball = STARTERS.find((one) => one.id === 'ball')!;
    const begins = Math.sqrt(16 ** 2 - 6 ** 2);
    expect(pointsOf(startedWith(ball, nothing).features[1]!)).toEqual([
      [0, 12],
      [thousandths(begins), 32],
      [thousandths(begins + Math.sqrt(16 ** 2 - 3 ** 2)), 6],
    ]);
  });
  it('a shank has the tang of its table, and the usual one of its small end where the table gives none', () => {
    const shank = STARTERS.find((one) => one.id === 'tang-shank')!;
    const tangOn = (id: string) => {
      const size = tableSize(id)!;
      const [, cone, end, tang] = startedWith(shank, { figures: {}, tapers: { taper: size } }).features;
      const solved = solveTaperFeature(coreFeatures([cone!])[0] as Parameters<typeof solveTaperFeature>[0]);
      return {
        given: tangOf(size),
        small: solved.smallDiameter,
        figures: { ...end!, ...tang! } as Record<string, unknown>,
      };
    };
    const morse = tangOn('morse-iso/3');
    expect(morse.figures).toMatchObject({
      diameter: { value: morse.given!.diameter },
      thickness: { value: morse.given!.thickness },
    });
    const jarno = tangOn('jarno/10');
    expect(jarno.given).toBeNull();
    expect(jarno.figures).toMatchObject({
      diameter: { value: expect.closeTo(0.92 * jarno.small, 9) as number },
      thickness: { value: expect.closeTo(0.42 * jarno.small, 9) as number },
    });
  });
});
