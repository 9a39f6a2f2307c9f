import type { OperationBeforeRow } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { useMounted, plain } from '../../testkit/mounted';
import { waitingServer } from '../../testkit/waiting';
import { LATHE_ID, shankJob, useOnScreen } from '../../testkit/onScreen';
import LastOperation from './LastOperation.vue';
import { operationLine } from './operationLine';
import { useAsked } from './useAsked';

const row = (story: Partial<OperationBeforeRow['story']> = {}, number = 'J-086'): OperationBeforeRow => ({
  jobId: number.toLowerCase(),
  number,
  title: 'Short shank',
  machineId: LATHE_ID,
  material: 'EN24T',
  operation: 'tap-1',
  story: {
    to: '2026-08-20T10:00:00.000Z',
    operator: 'RK',
    pieces: 3,
    passes: 0,
    inside: 3,
    outside: 0,
    notes: [],
    minutes: 41,
    planned: 36,
    ...story,
  },
});
type Rows = readonly OperationBeforeRow[];
const answering = (answer: (url: string) => Rows | Promise<Rows>) =>
  vi.stubGlobal(
    'fetch',
    async (url: string) =>
      new Response(JSON.stringify({ rows: await answer(url) }), {
        headers: { 'content-type': 'application/json' },
      }),
  );
const settled = async (): Promise<void> => {
  for (let i = 0; i < 8; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
};

describe('how an operation went, in a line', () => {
  it('has pieces, passes, sizes and minutes against the plan, and the last note', () => {
    expect(operationLine(row())).toBe('3 pieces, every size inside, 41 min of 36 min planned');
    expect(
      operationLine(
        row({
          pieces: 1,
          passes: 1,
          inside: 1,
          outside: 1,
          minutes: 75,
          planned: null,
          notes: ['Wires slipped', 'x'],
        }),
      ),
    ).toBe('1 piece, 1 pass, 1 of 2 outside, 1 h 15 min: Wires slipped');
    expect(operationLine(row({ inside: 0, minutes: 0.2 }))).toBe('3 pieces');
  });
});

describe('last time of an operation', () => {
  const { show } = useOnScreen();
  it('is asked for by what it is found by, says the first and opens to all, each leading to its place', async () => {
    const asked: string[] = [];
    answering((url) => {
      asked.push(url);
      return [row(), row({ pieces: 1 }, 'J-041')];
    });
    const host = show(shankJob('attachment'), LastOperation, { alike: 'tap internal 12 x 1.75' });
    await settled();
    expect(asked).toEqual(['/api/jobs/j-1/operation-before?alike=tap+internal+12+x+1.75']);
    expect(plain(host.textContent)).toBe(
      'Last timeJ-0863 pieces, every size inside, 41 min of 36 min planned',
    );
    host.querySelector('button')!.click();
    await nextTick();
    expect(plain(host.textContent)).toContain('20 Aug 2026 · RK · Long lathe · EN24T');
    expect(plain(host.textContent)).toContain('Planned36 min');
    expect([...host.querySelectorAll('a')].map((a) => a.getAttribute('href'))).toEqual([
      '/job/j-086/work/tap-1',
      '/job/j-041/work/tap-1',
    ]);
  });
  it('is nothing where nobody did it before', async () => {
    answering(() => []);
    const host = show(shankJob('attachment'), LastOperation, { alike: 'x' });
    await settled();
    expect(plain(host.textContent)).toBe('');
  });
});

describe('rows of what was done before', () => {
  const { within } = useMounted();
  it('are those of the last question, whichever answer comes last; a question that fails has none', async () => {
    const letGo: Record<string, (rows: Rows) => void> = {};
    answering((url) =>
      url === '/broken'
        ? Promise.reject(new Error('away'))
        : new Promise<Rows>((done) => (letGo[url] = done)),
    );
    const address = ref<string | null>('/first');
    const { found } = within(() => useAsked(() => [address.value]));
    await settled();
    address.value = '/second';
    await settled();
    letGo['/second']!([row({}, 'J-2')]);
    letGo['/first']!([row({}, 'J-1')]);
    await settled();
    expect(found.rows.value).toMatchObject([{ number: 'J-2' }]);
    address.value = '/broken';
    await settled();
    expect(found.rows.value).toEqual([]);
    address.value = null;
    await settled();
    expect(found.rows.value).toEqual([]);
  });
  it('are at hand at once to whoever comes back, and are put right by the next answer', async () => {
    const asked = waitingServer();
    const first = within(() => useAsked(() => ['/told'])).found;
    expect(first.answered.value).toBe(false);
    await asked[0]!.answer({ rows: [row({}, 'J-1')] });
    expect([first.answered.value, first.rows.value]).toMatchObject([true, [{ number: 'J-1' }]]);
    const again = within(() => useAsked(() => ['/told'])).found;
    expect([again.answered.value, again.rows.value]).toMatchObject([true, [{ number: 'J-1' }]]);
    await asked[1]!.answer({ rows: [row({}, 'J-2')] });
    expect(again.rows.value).toMatchObject([{ number: 'J-2' }]);
    const other = within(() => useAsked(() => ['/not-told'])).found;
    expect([other.answered.value, other.rows.value]).toEqual([false, []]);
  });
});
