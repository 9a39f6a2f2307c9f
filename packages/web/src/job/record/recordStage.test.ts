// @vitest-environment jsdom
import { describe, expect, it, vi } from 'vitest';
import { h, nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { plain, press } from '../../testkit/mounted';
import { LATHE_ID, shankJob, useOnScreen } from '../../testkit/onScreen';
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
