import type { LatheAction } from '@anello/core/virtual-lathe';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { emptyBench } from '../../testkit/emptyBench';
import { bench } from '../db';
import { LOCAL } from '../names';
import { storeTrouble } from '../trouble';
import { dropRun, heldRun } from './done';

const spin = (by: number): LatheAction => ({ do: 'spin', by }) as LatheAction;
const turns = (all: readonly LatheAction[]): unknown[] => all.map((one) => ('by' in one ? one.by : null));
const loaded = async (run: string): Promise<unknown[]> => turns(await heldRun(run).load());
const keys = async (): Promise<unknown[]> => (await bench()).getAllKeys('practiceDone');

beforeEach(async () => {
  await emptyBench();
  localStorage.clear();
  storeTrouble.value = null;
});
afterEach(() => vi.restoreAllMocks());

describe('a run at the practice lathe', () => {
  it('comes back in the order it was done, however many stretches it was written in', async () => {
    const run = heldRun('p-1');
    expect(await run.load()).toEqual([]);
    for (let i = 0; i < 12; i++) {
      run.add(spin(i));
      run.add(spin(i + 0.5));
      await run.flush();
    }
    expect(await keys()).toHaveLength(12);
    expect(await loaded('p-1')).toEqual(Array.from({ length: 24 }, (_, i) => i / 2));
  });
  it('goes on after what is there, and is of itself alone', async () => {
    const first = heldRun('p-1');
    await first.load();
    first.add(spin(1));
    await first.flush();
    const again = heldRun('p-1');
    await again.load();
    again.add(spin(2));
    await again.flush();
    const other = heldRun('p-10');
    await other.load();
    other.add(spin(9));
    await other.flush();
    expect(await loaded('p-1')).toEqual([1, 2]);
    expect(await loaded('p-10')).toEqual([9]);
    await dropRun('p-1');
    expect(await loaded('p-1')).toEqual([]);
    expect(await loaded('p-10')).toEqual([9]);
  });
  it('is written a moment after something was done, all of that moment together', async () => {
    const run = heldRun('p-1');
    await run.load();
    run.add(spin(1));
    run.add(spin(2));
    expect(await keys()).toEqual([]);
    await vi.waitFor(async () => expect(await keys()).toEqual(['p-1 000000']));
    expect(await loaded('p-1')).toEqual([1, 2]);
  });
  it('with nothing done writes nothing', async () => {
    const run = heldRun('p-1');
    await run.load();
    await run.flush();
    run.leave();
    expect(await keys()).toEqual([]);
    expect(localStorage.getItem(`${LOCAL.practiceLeft}p-1`)).toBeNull();
  });
  it('whose page goes leaves what was not written, and what was on its way, beside the store', async () => {
    const run = heldRun('p-1');
    await run.load();
    run.add(spin(1));
    await run.flush();
    run.add(spin(2));
    const going = run.flush();
    run.add(spin(3));
    run.leave();
    const left = JSON.parse(localStorage.getItem(`${LOCAL.practiceLeft}p-1`)!) as { key: string }[];
    expect(left.map(({ key }) => key)).toEqual(['p-1 000001', 'p-1 000002']);
    await going;
    expect(await loaded('p-1')).toEqual([1, 2, 3]);
    expect(localStorage.getItem(`${LOCAL.practiceLeft}p-1`)).toBeNull();
    expect(await loaded('p-1')).toEqual([1, 2, 3]);
  });
  it('that left something torn is what the store has of it', async () => {
    const run = heldRun('p-1');
    await run.load();
    run.add(spin(1));
    await run.flush();
    localStorage.setItem(`${LOCAL.practiceLeft}p-1`, '[{"key":"p-1 0000');
    expect(await loaded('p-1')).toEqual([1]);
  });
  it('dropped is gone with what waited, and begins at the beginning', async () => {
    const run = heldRun('p-1');
    await run.load();
    run.add(spin(1));
    await run.flush();
    run.add(spin(2));
    localStorage.setItem(`${LOCAL.practiceLeft}p-1`, '[]');
    await run.drop();
    await run.flush();
    expect(await keys()).toEqual([]);
    expect(localStorage.getItem(`${LOCAL.practiceLeft}p-1`)).toBeNull();
    run.add(spin(3));
    await run.flush();
    expect(await keys()).toEqual(['p-1 000000']);
  });
  it('goes on where the browser’s store takes nothing, which is said', async () => {
    const run = heldRun('p-1');
    await run.load();
    vi.spyOn(await bench(), 'put').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    run.add(spin(1));
    await run.flush();
    expect(storeTrouble.value).toContain('full');
    run.leave();
    expect(localStorage.getItem(`${LOCAL.practiceLeft}p-1`)).toBeNull();
  });
});
