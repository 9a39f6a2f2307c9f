import { describe, expect, it } from 'vitest';
import { createMemoryHistory, createRouter, routerKey, type Router } from 'vue-router';
import { useMounted } from '../testkit/mounted';
import { useLeadOn, type LeadOn } from './useLeadOn';

const { within } = useMounted();
const path = (router: Router): string => router.currentRoute.value.fullPath;

async function at(place: string): Promise<{ router: Router; lead: LeadOn }> {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:rest(.*)*', component: { render: () => null } }],
  });
  await router.push(place);
  const { found: lead } = within(useLeadOn, [[routerKey, router]]);
  return { router, lead };
}

/** Work that is done when it is said to be. */
function waited() {
  let done!: (place: string | null) => void;
  let fail!: (why: Error) => void;
  const work = new Promise<string | null>((resolve, reject) => ([done, fail] = [resolve, reject]));
  return { work: () => work, done, fail };
}

describe('led on when the work is done', () => {
  it('goes where the work says, not before', async () => {
    const { router, lead } = await at('/record');
    const { work, done } = waited();
    const led = lead(work);
    expect(path(router)).toBe('/record');
    done('/part');
    await led;
    expect(path(router)).toBe('/part');
    router.back();
    await expect.poll(() => path(router)).toBe('/record');
  });
  it('in the place of what stands there, where asked to', async () => {
    const { router, lead } = await at('/kit');
    await router.push('/kit/new/plug');
    await lead(async () => '/kit/kit-1', 'replace');
    expect(path(router)).toBe('/kit/kit-1');
    router.back();
    await expect.poll(() => path(router)).toBe('/kit');
  });
  it('stays where the work names no place', async () => {
    const { router, lead } = await at('/prove');
    await lead(async () => null);
    expect(path(router)).toBe('/prove');
  });
  it('stays where a hand has led meanwhile', async () => {
    const { router, lead } = await at('/record');
    const { work, done } = waited();
    const led = lead(work);
    await router.push('/prove');
    done('/part');
    await led;
    expect(path(router)).toBe('/prove');
  });
  it('goes on where the place only wrote something into its own address', async () => {
    const { router, lead } = await at('/rack');
    const { work, done } = waited();
    const led = lead(work);
    await router.replace('/rack?q=shank');
    done('/job/j-1/part');
    await led;
    expect(path(router)).toBe('/job/j-1/part');
  });
  it('does not cut short a way to another place that is still being fetched', async () => {
    const { router, lead } = await at('/record');
    let fetched!: () => void;
    router.beforeResolve(({ path: to }) =>
      to === '/prove' ? new Promise<void>((resolve) => (fetched = resolve)) : undefined,
    );
    const { work, done } = waited();
    const led = lead(work);
    const pressed = router.push('/prove');
    await expect.poll(() => typeof fetched).toBe('function');
    done('/part');
    await led;
    fetched();
    await pressed;
    expect(path(router)).toBe('/prove');
  });
  it('says what went wrong, stays, and leads the next time', async () => {
    const { router, lead } = await at('/record');
    const { work, fail } = waited();
    const led = lead(work);
    fail(new Error('not kept'));
    await expect(led).rejects.toThrow('not kept');
    expect(path(router)).toBe('/record');
    await lead(async () => '/part');
    expect(path(router)).toBe('/part');
  });
});
