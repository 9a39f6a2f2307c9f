import { describe, expect, it } from 'vitest';
import { entry } from '../entry/entry';
import { begunAs } from './begunAs';
import { job, shank } from './jobs.testdata';
import { newJobDocument } from './new';
import { jobDocumentSchema } from './schema';
import { newWork } from './work/new';

const OLD = {
  ...job(),
  features: [shank()],
  due: '2026-11-20',
  who: 'RK',
  tags: ['lathe repair'],
  note: 'The second one slipped.',
  order: ['face'],
  batch: 'by-holding' as const,
  harden: entry('58', 'number'),
  work: {
    t: {
      ...newWork('taper'),
      mate: 'Sleeve of J-088',
      mateJob: { id: 'j-88', number: 'J-088', feature: 's', largeEnd: 'headstock' as const },
    },
  },
};

describe('a job begun as an earlier one', () => {
  const begun = (): ReturnType<typeof begunAs> => begunAs(OLD);
  it('has its part, how it is made, its words and how its batch is worked', () => {
    expect(begun()).toMatchObject({
      features: OLD.features,
      tags: OLD.tags,
      batch: OLD.batch,
      harden: OLD.harden,
      cut: OLD.cut,
    });
    expect(begun().work!['t']).toMatchObject({ kind: 'taper', mate: 'Sleeve of J-088' });
  });
  it.each(['number', 'title', 'quantity', 'machineId', 'note', 'due', 'who', 'order'] as const)(
    'has no %s of the other',
    (key) => expect(begun()).not.toHaveProperty(key),
  );
  it('is not the mate of the other’s mate, who knows nothing of it', () => {
    expect(begun().work!['t']).not.toHaveProperty('mateJob');
    expect(OLD.work.t.mateJob.number).toBe('J-088');
  });
  it('is a whole job with a number of its own', () => {
    const own = newJobDocument({ number: 'J-200', title: 'Another', machineId: 'm' });
    expect(jobDocumentSchema.parse({ ...own, ...begun() })).toMatchObject({
      number: 'J-200',
      title: 'Another',
    });
  });
});
