import { AnelloError } from '@anello/core/basics';
import { length } from '@anello/core/figure';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { usePreferences } from '../../data/stores/preferences';
import { useMounted } from '../../testkit/mounted';
import type { FileJob } from './profileFile.worker';
import type { ReadProfile } from './readProfile';
import { useDrawingTake } from './useDrawingTake';

const { within } = useMounted();
/** Workers in the order they were begun; each waits to be answered. */
let workers: Waiting[] = [];
class Waiting {
  onmessage: (event: { data: unknown }) => void = () => undefined;
  onerror: (event: { message: string }) => void = () => undefined;
  asked: FileJob | null = null;
  ended = false;
  constructor() {
    workers.push(this);
  }
  postMessage(asked: FileJob) {
    this.asked = asked;
  }
  terminate() {
    this.ended = true;
  }
  tell(data: unknown) {
    this.onmessage({ data });
  }
}
beforeEach(() => {
  workers = [];
  vi.stubGlobal('Worker', Waiting);
});
afterEach(() => vi.unstubAllGlobals());

const PROFILE: ReadProfile = { points: [], left: [] };
const named = (name: string, size = 10): File =>
  ({ name, size, text: async () => `text of ${name}` }) as unknown as File;
const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5));
/** Picks a file, and waits until a worker has been asked of it. */
async function picked(file: File, give: Parameters<ReturnType<typeof useDrawingTake>['take']>[2]) {
  const { found: desk, leave } = within(useDrawingTake);
  const taking = desk.take(file, 12, give);
  await rest();
  return { desk, taking, leave, worker: workers.at(-1)! };
}
const three = () => ({ count: 3, of: 'places' });

describe('a drawing taken in from a file', () => {
  it('is read as what it is called, in the unit and along the axis that were chosen', async () => {
    for (const [name, format] of [
      ['a.dxf', 'dxf'],
      ['a.CSV', 'csv'],
      ['a', 'dxf'],
    ]) {
      const { worker } = await picked(named(name!), three);
      expect(worker.asked).toEqual({
        format,
        text: `text of ${name}`,
        how: { unit: 'file', axis: 'x', axisAt: 12 },
      });
    }
    const { found: desk } = within(useDrawingTake);
    Object.assign(desk.unit, { value: 'inch' });
    Object.assign(desk.axis, { value: 'y' });
    void desk.take(named('b.dxf'), null, three);
    await rest();
    expect(workers.at(-1)!.asked!.how).toEqual({ unit: 'inch', axis: 'y', axisAt: null });
  });
  it('an SVG goes to the worker as its shapes', async () => {
    const file = {
      ...named('a.SVG'),
      text: async () => '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0 L10 5"/></svg>',
    } as File;
    await picked(file, three);
    await vi.waitFor(() =>
      expect(workers.at(-1)?.asked).toMatchObject({ format: 'svg', drawing: expect.any(Object) }),
    );
  });
  it('says how much of it is read, what was taken in, and what was left out in the screen’s units', async () => {
    usePreferences().units = 'inch';
    const given: ReadProfile[] = [];
    const { desk, taking, worker } = await picked(named('a.dxf'), (read) => {
      given.push(read);
      return three();
    });
    expect(desk.reading.part.value).toBe(0);
    worker.tell({ part: 0.4 });
    expect(desk.reading.part.value).toBe(0.4);
    const found = {
      ...PROFILE,
      left: [['a text'], ['a line ', length(25.4, 0.1)]],
      taken: ['y = 0 is the axis'],
    };
    worker.tell({ found, error: null });
    await taking;
    expect(given).toEqual([found]);
    expect(desk.said.value.replaceAll('\u00a0', ' ')).toBe(
      '3 places taken in; y = 0 is the axis. Left out: a text, a line 1.000 in.',
    );
    expect([desk.bad.value, desk.reading.part.value, worker.ended]).toEqual([false, null, true]);
  });
  it.each([
    [PROFILE, { count: 0, of: 'places' }, 'Nothing was taken in: no places in it.'],
    [{ ...PROFILE, left: [['a picture']] }, { count: 0, of: 'places' }, 'Nothing was taken in: a picture.'],
    [PROFILE, { refused: 'It crosses the axis.' }, 'It crosses the axis.'],
  ])('of which nothing came says why: %#', async (found, came, words) => {
    const { desk, taking, worker } = await picked(named('a.dxf'), () => came);
    worker.tell({ found, error: null });
    await taking;
    expect([desk.said.value, desk.bad.value]).toEqual([words, true]);
  });
  it('that cannot be read, or is too large to be one profile, says so', async () => {
    const first = await picked(named('a.dxf'), three);
    const { code, field, phrase } = new AnelloError('unreadable', 'file', 'That is not a DXF.');
    first.worker.tell({ found: null, error: { code, field, phrase } });
    await first.taking;
    expect([first.desk.said.value, first.desk.bad.value]).toEqual(['That is not a DXF.', true]);
    const broken = await picked(named('a.dxf'), three);
    broken.worker.onerror({ message: 'out of memory' });
    await broken.taking;
    expect(broken.desk.said.value).toBe('That file could not be read: DXF, SVG and CSV can.');
    const before = workers.length;
    const large = await picked(named('a.dxf', 20e6 + 1), three);
    await large.taking;
    expect(large.desk.said.value).toContain('over 20 MB');
    expect(workers).toHaveLength(before);
    await picked(named('a.dxf', 20e6), three);
    expect(workers).toHaveLength(before + 1);
  });
  it('called off changes nothing', async () => {
    const give = vi.fn(three);
    const { desk, taking, worker } = await picked(named('a.dxf'), give);
    desk.reading.stop();
    await taking;
    expect([desk.said.value, desk.bad.value]).toEqual(['Called off; nothing was changed.', false]);
    expect([worker.ended, desk.reading.part.value, give.mock.calls.length]).toEqual([true, null, 0]);
  });
  it('while another is read takes its place: only what came of the later one is said', async () => {
    const { desk, taking, worker } = await picked(named('first.dxf'), three);
    const later = desk.take(named('later.dxf', 21e6), null, three);
    await Promise.all([taking, later]);
    expect(worker.ended).toBe(true);
    expect(desk.said.value).toContain('over 20 MB');
    expect(desk.bad.value).toBe(true);
  });
  it('ends with its page', async () => {
    const { leave, worker } = await picked(named('a.dxf'), three);
    leave();
    expect(worker.ended).toBe(true);
  });
});
