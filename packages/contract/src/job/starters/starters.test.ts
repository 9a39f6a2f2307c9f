import { NO_KIT } from '@anello/core/kit';
import { planPart } from '@anello/core/plan';
import { describe, expect, it } from 'vitest';
import { coreLathe, entry, jobDocumentSchema, jobFacts, planPartOf } from '../../index';
import { LONG_LATHE } from '../../machine/machines.testdata';
import { job } from '../jobs.testdata';
import { startedWith, STARTERS, tableSize } from './registry';

const nothing = { figures: {}, tapers: {} };

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
  });
});
