import { layoutPart } from '@anello/core/part';
import { planPart } from '@anello/core/plan';
import { NO_KIT } from '@anello/core/kit';
import { solveTaperFeature } from '@anello/core/part';
import { describe, expect, it } from 'vitest';
import {
  coreFeatures,
  coreLathe,
  entry,
  jobDocumentSchema,
  mateLink,
  mateStart,
  planPartOf,
  putWork,
  tableSize,
  taperFigures,
  workOf,
  type FeatureDocument,
  type TaperDocument,
  type JobDocument,
} from '../index';
import { LONG_LATHE } from '../machine/machines.testdata';
import { job, shank } from './jobs.testdata';

const bore: FeatureDocument = {
  id: 'b',
  name: 'Bore 1:12',
  kind: 'taper',
  side: 'internal',
  from: 'tailstock',
  largeEnd: 'tailstock',
  largeDiameter: entry('38 mm'),
  ratio: entry('1:12', 'taper'),
  length: entry('62 mm'),
};
const way = { id: 'compound' as const, machineId: 'long', halfAngle: 0.04 };
const withWay = (document: JobDocument, feature: string): JobDocument => {
  const draft = structuredClone(document);
  putWork(draft, feature, { ...workOf(draft, feature, 'taper'), way });
  return draft;
};
const asJob = (start: NonNullable<ReturnType<typeof mateStart>>): JobDocument =>
  job({ ...start.part, number: 'J-200', title: start.title, machineId: start.machineId });

describe('the mate of a taper', () => {
  it('a plug of the tables goes on past its line, and is held by what is no thinner', () => {
    const figures = taperFigures(tableSize('morse-iso/3'), 'internal');
    const { ratio: _, largeDiameter: __, ...hole } = bore as TaperDocument;
    const socket: FeatureDocument = { ...hole, id: 's', ...figures };
    const [body, plug] = coreFeatures(
      asJob(mateStart(job({ features: [socket] }), { id: 'j-1', feature: 's' })!).features,
    );
    const { largeDiameter } = solveTaperFeature(plug as never);
    expect(largeDiameter).toBeCloseTo(24.076, 3);
    expect(body).toMatchObject({ diameter: 25 });
  });
  it('a bore’s is a plug of the same cone, made the same way on the same lathe', () => {
    const document = withWay(job({ features: [bore] }), 'b');
    const start = mateStart(document, { id: 'j-1', feature: 'b' })!;
    const mate = asJob(start);
    expect(jobDocumentSchema.safeParse(mate).error).toBeUndefined();
    expect(layoutPart(coreFeatures(mate.features)).problems.size).toBe(0);
    const [, plug] = coreFeatures(mate.features);
    const solved = solveTaperFeature(plug as never);
    expect(plug).toMatchObject({ side: 'external', largeEnd: 'headstock' });
    expect(solved.ratio).toBeCloseTo(1 / 12, 9);
    expect(solved.largeDiameter).toBeCloseTo(38, 6);
    expect(workOf(mate, start.feature, 'taper')).toMatchObject({
      way,
      mateJob: { id: 'j-1', number: document.number, feature: 'b', largeEnd: 'tailstock' },
    });
    // On one swing of the compound the plug is cut from the other side.
    expect(planPartOf(mate, coreLathe(LONG_LATHE), NO_KIT).matched).toEqual([start.feature]);
  });
  it('a shank’s is a socket by the same row of the table, with something round it', () => {
    const start = mateStart(job({ features: [shank()] }), { id: 'j-1', feature: shank().id })!;
    const mate = asJob(start);
    expect(mate.features[0]).toMatchObject({
      side: 'internal',
      from: 'tailstock',
      series: { series: 'morse-iso' },
    });
    const { findings } = planPart(planPartOf(mate, coreLathe(LONG_LATHE), NO_KIT));
    expect(findings.filter((f) => f.level === 'impossible')).toEqual([]);
  });
  it('is told of from both sides', () => {
    const start = mateStart(job({ features: [bore] }), { id: 'j-1', feature: 'b' })!;
    const row = { id: 'j-2', document: asJob(start) };
    expect(mateLink(row, start.feature)).toEqual({
      mate: `J-200 ${start.title}`,
      mateJob: { id: 'j-2', number: 'J-200', feature: 'plug', largeEnd: 'headstock' },
    });
  });
  it('is none of what is no taper, nor of one that is not settled', () => {
    const { ratio: _, ...open } = bore as Extract<FeatureDocument, { kind: 'taper' }>;
    expect(mateStart(job({ features: [open] }), { id: 'j', feature: 'b' })).toBeNull();
    expect(mateStart(job({ features: [bore] }), { id: 'j', feature: 'x' })).toBeNull();
  });
});
