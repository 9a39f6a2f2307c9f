import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { alone } from './alone';
import { LOCAL, SENDER_LOCK } from './names';

const leaseNow = (): { by: string; until: number } | null =>
  JSON.parse(localStorage.getItem(LOCAL.sender) ?? 'null') as { by: string; until: number } | null;
const lease = (by: string, until: number): void =>
  localStorage.setItem(LOCAL.sender, JSON.stringify({ by, until }));

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
/** Runs it to its end, past the moment in which two tabs would settle who it is. */
async function run(work: () => Promise<void> = async () => undefined): Promise<boolean> {
  const going = alone(work);
  await vi.advanceTimersByTimeAsync(100);
  return going;
}

describe('one tab at a time, in a browser without locks', () => {
  it('works under a lease of its own, which goes with the work', async () => {
    let during: ReturnType<typeof leaseNow> = null;
    expect(await run(async () => void (during = leaseNow()))).toBe(true);
    expect(during!.until).toBeGreaterThan(Date.now());
    expect(leaseNow()).toBeNull();
  });
  it('stands back while another works, and takes over from one that stopped without a word', async () => {
    const work = vi.fn(async () => undefined);
    lease('another', Date.now() + 5000);
    expect(await run(work)).toBe(false);
    expect(work).not.toHaveBeenCalled();
    expect(leaseNow()!.by).toBe('another');
    lease('another', Date.now() - 1);
    expect(await run(work)).toBe(true);
    expect(work).toHaveBeenCalledTimes(1);
  });
  it('renews its lease while it works, and stops with the work', async () => {
    let finish!: () => void;
    const going = alone(() => new Promise<void>((resolve) => (finish = resolve)));
    await vi.advanceTimersByTimeAsync(100);
    const first = leaseNow()!;
    await vi.advanceTimersByTimeAsync(20_000);
    expect(leaseNow()!.by).toBe(first.by);
    expect(leaseNow()!.until).toBeGreaterThan(Date.now());
    finish();
    expect(await going).toBe(true);
    await vi.advanceTimersByTimeAsync(20_000);
    expect(leaseNow()).toBeNull();
  });
  it('leaves a lease alone that another has taken meanwhile, or that is gone', async () => {
    await run(async () => lease('another', Date.now() + 5000));
    expect(leaseNow()!.by).toBe('another');
    localStorage.clear();
    expect(await run(async () => localStorage.clear())).toBe(true);
  });
  it('gives way to one that took it in the same moment', async () => {
    const work = vi.fn(async () => undefined);
    const going = alone(work);
    lease('another', Date.now() + 5000);
    await vi.advanceTimersByTimeAsync(100);
    expect(await going).toBe(false);
    expect(work).not.toHaveBeenCalled();
  });
  it('lets go of it when the work fails', async () => {
    const failed = alone(async () => {
      throw new Error('No.');
    }).catch((error: Error) => error.message);
    await vi.advanceTimersByTimeAsync(100);
    expect(await failed).toBe('No.');
    expect(leaseNow()).toBeNull();
  });
});

describe('in a browser with locks', () => {
  it('the browser sees to it', async () => {
    const asked: string[] = [];
    vi.stubGlobal('navigator', {
      locks: {
        request: async (name: string, work: () => Promise<void>) => {
          asked.push(name);
          await work();
        },
      },
    });
    const work = vi.fn(async () => undefined);
    expect(await run(work)).toBe(true);
    expect(asked).toEqual([SENDER_LOCK]);
    expect(work).toHaveBeenCalledTimes(1);
    expect(leaseNow()).toBeNull();
  });
});
