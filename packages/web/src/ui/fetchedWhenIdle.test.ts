import { describe, expect, it } from 'vitest';
import { effectScope } from 'vue';
import { useFetchedWhenIdle } from './useFetchedWhenIdle';

/** A browser that is idle at once. */
const idle = (): void => {
  (window as { requestIdleCallback?: unknown }).requestIdleCallback = (work: () => void) =>
    setTimeout(work, 0);
};
const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 30));

describe('what is fetched while the page is idle', () => {
  it('comes one after another', async () => {
    idle();
    const came: string[] = [];
    const load = (name: string) => async () => void came.push(name);
    effectScope().run(() => useFetchedWhenIdle()([load('a'), load('b'), load('c')]));
    await rest();
    expect(came).toEqual(['a', 'b', 'c']);
  });
  it('stops at the first that cannot be had, so that the rest can still be had later', async () => {
    idle();
    const came: string[] = [];
    effectScope().run(() =>
      useFetchedWhenIdle()([
        async () => void came.push('a'),
        () => Promise.reject(new TypeError('Failed to fetch dynamically imported module: x')),
        async () => void came.push('c'),
      ]),
    );
    await rest();
    expect(came).toEqual(['a']);
  });
  it('stops when whoever asked is gone', async () => {
    idle();
    const came: string[] = [];
    const scope = effectScope();
    scope.run(() => useFetchedWhenIdle()([async () => void came.push('a'), async () => void came.push('b')]));
    scope.stop();
    await rest();
    expect(came).toEqual([]);
  });
});
