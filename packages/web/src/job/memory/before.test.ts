import { entry, newWork, type JobDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useOutbox } from '../../data/stores/outbox';
import { answering } from '../../testkit/answers';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useBefore } from './useBefore';

const screen = useOnScreen();
const ROW = { id: 'j-88', number: 'J-088' };
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
};
const before = async (document: Partial<JobDocument>) => {
  const { asked } = answering(() => ({ body: { rows: [ROW] } }));
  const {
    desk: { rows },
  } = screen.work(document, useBefore);
  await settled();
  return { rows, asked: asked.map(({ url }) => url) };
};
const DISC: Partial<JobDocument> = {
  features: [
    {
      id: 'e',
      name: 'Eccentric',
      kind: 'eccentric',
      side: 'external',
      diameter: entry('54 mm'),
      length: entry('18 mm'),
      travel: entry('9.5 mm'),
    },
  ],
  work: { e: newWork('eccentric') },
};
/** Typed over, and saved a moment later. */
async function change(key: string, to: string): Promise<void> {
  const job = useJob();
  job.edit((draft) => void Object.assign(draft.features[0]!, { [key]: entry(to) }));
  await settled();
}

describe('the same shape in other jobs', () => {
  it.each([
    ['a taper', shankJob('attachment'), 't'],
    ['an eccentric', DISC, 'e'],
  ])('%s is asked for by its feature, once', async (_, document, feature) => {
    const { asked, rows } = await before(document);
    expect(asked).toEqual([`/api/jobs/j-1/before/${feature}`]);
    expect(rows.value).toEqual([ROW]);
  });
  it('is not asked for where the part has none', async () => {
    expect((await before({ features: [], work: {} })).asked).toEqual([]);
  });
  it('is asked for anew when its figure has changed and is saved, not while it is typed', async () => {
    const { asked } = answering(({ method }) => (method === 'GET' ? { body: { rows: [] } } : 'away'));
    const asking = () => asked.filter(({ url }) => url.endsWith('/before/e')).length;
    screen.work(DISC, useBefore);
    await settled();
    expect(asking()).toBe(1);
    await change('travel', '10 mm');
    expect(useJob().saveState).not.toBe('saved');
    expect(asking()).toBe(1);
    useOutbox().drafts = [];
    await settled();
    expect(asking()).toBe(2);
  });
});
