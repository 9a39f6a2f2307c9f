import type { BeforeRow } from '@anello/contract';
import { entry, newWork } from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useScreen } from '../../data/stores/screen';
import { plain } from '../../testkit/mounted';
import { LATHE_ID, shankJob, shankWork, useOnScreen } from '../../testkit/onScreen';
import { waitingServer } from '../../testkit/waiting';
import LastTime from './LastTime.vue';
import { lineOf, outcomeOf, spentOf } from './lineOf';

const row = (story: Partial<BeforeRow['story']> = {}, over: Partial<BeforeRow> = {}): BeforeRow => ({
  jobId: 'j-86',
  number: 'J-086',
  title: 'Short shank',
  machineId: LATHE_ID,
  material: 'EN24T',
  feature: 't',
  work: {
    ...newWork('taper'),
    way: { id: 'attachment', machineId: LATHE_ID, halfAngle: 0.0251, school: 'indicator' },
    cut: { lastStock: entry('0.4 mm'), allowance: entry('0.1 mm') },
  },
  story: {
    from: '2026-08-20T08:00:00.000Z',
    to: '2026-08-20T10:00:00.000Z',
    operator: 'RK',
    way: 'attachment',
    setting: {
      halfAngle: 0.0251,
      at: '2026-08-20T08:30:00.000Z',
      operator: 'RK',
      machineId: LATHE_ID,
      nudges: 2,
      scaleOff: 1e-4,
    },
    pieces: 2,
    accepted: 1,
    scrapped: 1,
    passes: 3,
    tries: 4,
    took: 0.934,
    causes: ['Dug in'],
    minutes: 97.4,
    ...story,
  },
  ...over,
});
const NAMES = { machine: () => 'Long lathe', way: () => 'Taper attachment' };
const said = (one: BeforeRow, stage: Parameters<typeof lineOf>[1]): string | null => {
  const line = lineOf(one, stage, NAMES);
  return line && plainText(line).replaceAll('\u00a0', ' ');
};

describe('what last time says to a step', () => {
  it('names the way and how it came out, where the way is chosen', () => {
    expect(said(row(), 'way')).toBe('Taper attachment on the Long lathe, 1 accepted, 1 scrapped');
    expect(said(row({ way: null }), 'way')).toBeNull();
  });
  it('says what proved right and what that took, where it is set', () => {
    expect(said(row(), 'set')).toMatch(/^proved at 1°26′17″ on the Long lathe, after 2 nudges$/);
    expect(said(row({ setting: { ...row().story.setting!, nudges: 1 } }), 'set')).toMatch(/after 1 nudge$/);
    expect(said(row({ setting: { ...row().story.setting!, nudges: 0 } }), 'set')).toMatch(/Long lathe$/);
    expect(said(row({ setting: null }), 'set')).toBeNull();
    const throwOff = row({ setting: null, passes: 0, tries: 3, scrapped: 0 });
    expect(said(throwOff, 'set')).toBe('read 3 times on the Long lathe, 1 accepted');
  });
  it('says what came off and why it was scrapped, where it is cut and proved', () => {
    expect(said(row(), 'cut')).toBe(
      '3 passes, 4 tries, of 1.00 fed 0.93 came off; 1 accepted, 1 scrapped: Dug in',
    );
    expect(said(row({ passes: 1, tries: 1, took: null, causes: [] }), 'prove')).toBe(
      '1 pass, 1 try; 1 accepted, 1 scrapped',
    );
    expect(said(row({ passes: 0, tries: 0, took: null }), 'cut')).toBeNull();
  });
  it('says an open one is not closed, and time as a person would', () => {
    expect(outcomeOf(row({ accepted: 0, scrapped: 0 }))).toBe('not closed');
    expect(spentOf(row())).toBe('1 h 37 min');
    expect(spentOf(row({ minutes: 41 }))).toBe('41 min');
    expect(spentOf(row({ minutes: 0.2 }))).toBeNull();
  });
});

describe('last time on the screen', () => {
  const { show } = useOnScreen();
  const answers = (rows: readonly BeforeRow[]) =>
    vi.stubGlobal('fetch', async (url: string) => {
      expect(url).toBe('/api/jobs/j-1/before/t');
      return new Response(JSON.stringify({ rows }), { headers: { 'content-type': 'application/json' } });
    });
  const settled = async () => {
    for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
    await nextTick();
  };

  it('shows a line for the step, opens, and begins this work from that one, with a way back', async () => {
    answers([row({ setting: null }, { number: 'J-099' }), row()]);
    const host = show(shankJob('compound'), LastTime, { stage: 'set' });
    await settled();
    // The newest has no setting to tell of: the one before it has.
    expect(plain(host.textContent)).toContain('J-086');
    host.querySelector<HTMLButtonElement>('button.line')!.click();
    await nextTick();
    expect(plain(host.textContent)).toContain('J-099');
    expect(plain(host.textContent)).toContain('0.93 of 1.00 fed');
    const buttons = [...host.querySelectorAll('button')].filter((b) => b.textContent === 'Work it as then');
    buttons.at(-1)!.click();
    await nextTick();
    expect(shankWork().way).toMatchObject({ id: 'attachment', school: 'indicator', machineId: LATHE_ID });
    expect(shankWork().cut.lastStock).toEqual(entry('0.4 mm'));
    useScreen().undoable!.run();
    await nextTick();
    expect(shankWork().way!.id).toBe('compound');
  });
  it('says whether there is something to tell as soon as that is known', async () => {
    const said: (boolean | null)[] = [];
    const onKnown = (told: boolean | null) => void said.push(told);
    const asked = waitingServer();
    show(shankJob('compound'), LastTime, { stage: 'set', onKnown });
    await settled();
    expect(said).toEqual([null]);
    await asked.find(({ url }) => url.includes('/before/'))!.answer({ rows: [row()] });
    expect(said).toEqual([null, true]);
    // Nothing of it says anything to a setting.
    said.length = 0;
    answers([row({ setting: null, tries: 0, passes: 0 })]);
    show(shankJob('compound'), LastTime, { stage: 'set', onKnown });
    await settled();
    expect(said.at(-1)).toBe(false);
  });
  it('shows nothing where nothing was done before, or the server is away', async () => {
    answers([]);
    const none = show(shankJob('compound'), LastTime, { stage: 'set' });
    await settled();
    expect(none.textContent).toBe('');
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('refused');
    });
    const away = show(shankJob('compound'), LastTime, { stage: 'set' });
    await settled();
    expect(away.textContent).toBe('');
  });
});
