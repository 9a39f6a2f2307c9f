import { describe, expect, it, vi } from 'vitest';
import { h, nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { plain, press } from '../../testkit/mounted';
import { LATHE_ID, shankJob, useOnScreen } from '../../testkit/onScreen';
import PiecesPanel from './PiecesPanel.vue';
import RecordStage from './RecordStage.vue';
import StillSetRow from './StillSetRow.vue';

const screen = useOnScreen();
const open = () => screen.show(shankJob('attachment', { quantity: 2 }), RecordStage);

describe('the record of a piece', () => {
  it('tells what was kept in order, and one taken back stays, struck through', async () => {
    const host = open();
    await useJob().keep({ kind: 'note', text: 'Bar cleaned.' });
    await useJob().keep({ kind: 'felt', feel: 'firm' });
    await nextTick();
    const rows = (): string[] => [...host.querySelectorAll('li')].map((row) => plain(row.textContent));
    const at = rows().findIndex((row) => row.includes('Bar cleaned.'));
    expect(rows()[at + 1]).toContain('No shake');
    press(host, /[Tt]ake.*back/);
    await vi.waitFor(() => expect(screen.kept('withdrawn')).toHaveLength(1));
    await nextTick();
    expect(rows().filter((row) => /Bar cleaned|No shake/.test(row))).toHaveLength(2);
    await vi.waitFor(() => expect(useScreen().undoable?.text).toContain('struck through'));
    useScreen().undoable!.run();
    await vi.waitFor(() => expect(screen.kept('note').length + screen.kept('felt').length).toBe(3));
  });
  it('a kept sweep is drawn again when it is asked for', async () => {
    const host = open();
    const travel = Array.from({ length: 40 }, (_, i) => 2 * i);
    await useJob().keep({
      kind: 'swept',
      way: 'attachment',
      step: 'sweep',
      travelAlong: 'axis',
      expectedSlope: 0.025,
      travel,
      reading: travel.map((at) => 0.025 * at + (at > 38 ? 0.02 : 0)),
      count: 40,
      halfAngle: 0.025,
      u: 1e-6,
      causes: ['bumped'],
    });
    await vi.waitFor(() => expect(plain(host.textContent)).toContain('Draw it'));
    expect(host.querySelector('.fit')).toBeNull();
    press(host, 'Draw it');
    await nextTick();
    expect(host.querySelector('.fit')?.getAttribute('d')).toMatch(/^M[\d.,L-]+$/);
    expect(plain(host.textContent)).toContain('Swept 78 mm in 40 readings');
  });
  it('a closed piece offers the next, which begins where what was proved still stands', async () => {
    open();
    expect(useScreen().bar).toBeNull();
    const kept = { way: 'attachment', machineId: LATHE_ID, halfAngle: 0.0251, workLength: 136 } as const;
    await useJob().keep({ kind: 'setting-kept', ...kept });
    await useJob().keep({ kind: 'verdict', verdict: 'rework', cause: 'x' });
    await nextTick();
    expect(useScreen().bar).toBeNull();
    await useJob().keep({ kind: 'verdict', verdict: 'accepted', cause: '' });
    await nextTick();
    expect(useScreen().bar).toMatchObject({ empty: { label: 'Start piece 2' } });
    await useScreen().bar!.empty!.run();
    await vi.waitFor(() => expect(screen.went).toHaveLength(1));
    expect(screen.kept('piece')).toEqual([{ kind: 'piece', carriedFrom: 1 }]);
    expect(useJob().piece).toBe(2);
    expect(screen.went).toEqual(['/job/j-1/cut']);
  });
});

describe('the pieces of a batch', () => {
  const sized = (piece: number, seen: number) =>
    useJob().keep(
      { kind: 'sized', what: 'Body, diameter', seen, low: 29.9, high: 30, typed: '' },
      { piece, feature: 'b', operation: 'turn-b' },
    );
  it('stand side by side, with the drift along them and how each came out', async () => {
    const host = screen.show(shankJob('attachment', { quantity: 6 }), PiecesPanel);
    expect(plain(host.textContent)).toContain('Nothing was measured yet.');
    for (const [i, seen] of [29.91, 29.94, 29.97].entries()) {
      if (i > 0) await useJob().keep({ kind: 'piece', carriedFrom: i }, { piece: i + 1 });
      await sized(i + 1, seen);
    }
    await useJob().keep({ kind: 'verdict', verdict: 'scrap', cause: 'Slipped in the chuck' }, { piece: 2 });
    await nextTick();
    expect(plain(host.textContent)).toMatch(/drifts by \+0\.030 mm a piece/);
    expect(plain(host.textContent)).toContain('Piece 5 would be out');
    expect(plain(host.querySelector('tfoot')!.textContent)).toContain('scrapSlipped in the chuck');
    expect(host.querySelectorAll('circle')).toHaveLength(3);
    // What is done of the line on each piece: the diameter was worked on all three, its facing before it.
    const line = host.querySelector('caption')!.parentElement!;
    const row = [...line.querySelectorAll('tbody tr')].find((tr) =>
      plain(tr.textContent).startsWith('Turn'),
    )!;
    expect(row.querySelectorAll('td')).toHaveLength(3);
    expect(line.querySelectorAll('.done').length).toBeGreaterThan(0);
    await sized(3, 30.2);
    await nextTick();
    expect(plain(host.querySelector('tbody')!.textContent)).toContain('✗ 30.200');
  });
});

describe('what a lathe is still set to', () => {
  it('is nothing until it is proved; disturbed, it is nothing again, and that can be taken back', async () => {
    const machine = () => useShop().byId(LATHE_ID)!;
    const host = screen.show(shankJob('attachment'), {
      render: () => h(StillSetRow, { machine: machine() }),
    });
    expect(plain(host.textContent)).toContain('Set to nothing that is known.');
    await useShop().keepSetting({
      machineId: LATHE_ID,
      device: 'attachment',
      halfAngle: 0.0251,
      workLength: null,
      jobId: null,
      jobNumber: 'J-1',
      how: 'indicator',
      operator: 'MO',
    });
    await nextTick();
    expect(plain(host.textContent)).toMatch(/bar still at ?1°26′17″/);
    expect(plain(host.textContent)).toContain('J-1 · MO');
    press(host, /was disturbed$/);
    await vi.waitFor(() =>
      expect(machine().settings).toMatchObject([{ device: 'attachment', halfAngle: null, how: 'disturbed' }]),
    );
    await vi.waitFor(() => expect(useScreen().undoable?.text).toContain('bar marked as disturbed'));
    useScreen().undoable!.run();
    await vi.waitFor(() =>
      expect(machine().settings).toMatchObject([{ halfAngle: 0.0251, how: 'indicator', operator: 'MO' }]),
    );
  });
});
