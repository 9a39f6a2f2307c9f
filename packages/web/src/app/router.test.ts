import { describe, expect, it } from 'vitest';
import { useOutbox } from '../data/stores/outbox';
import { placeUnfetched } from '../data/unfetched';
import { answering } from '../testkit/answers';
import { freshStores } from '../testkit/freshStores';
import { VIEWS } from '../job/model/kind';
import { router } from './router';

const at = (path: string) => {
  const { name, params } = router.resolve(path);
  return [name, Object.fromEntries(Object.entries(params).filter(([, value]) => value !== ''))];
};

describe('addresses', () => {
  it.each([
    ['/rack', 'rack', {}],
    ['/tapers', 'tapers', {}],
    ['/tapers/morse-iso/3', 'tapers', { series: 'morse-iso', size: '3' }],
    ['/machines/m-1', 'machine', { id: 'm-1' }],
    ['/kit/new/drills', 'kit-new', { kind: 'drills' }],
    ['/kit/k-1', 'kit-thing', { id: 'k-1' }],
    ['/practice', 'practice', {}],
    ['/practice/four-jaw', 'practice', { exercise: 'four-jaw' }],
    ['/job/j-1', 'job', { id: 'j-1' }],
    ['/job/j-1/set/t', 'job', { id: 'j-1', stage: 'set', of: 't' }],
    ['/job/j-1/work/turn-b', 'job', { id: 'j-1', stage: 'work', of: 'turn-b' }],
  ])('%s leads to %s', (path, name, params) => expect(at(path)).toEqual([name, params]));
  it.each(VIEWS)('a job has its %s', (view) =>
    expect(at(`/job/j-1/${view}`)).toEqual(['job', { id: 'j-1', stage: view }]),
  );
  it.each(['/nothing', '/job', '/job/j-1/nothing/t', '/kit/a/b/c'])('%s is not here', (path) =>
    expect(at(path)[0]).toBe('nowhere'),
  );
  it('the shop’s own is its rack', async () => {
    await router.push('/');
    expect(router.currentRoute.value.name).toBe('rack');
    expect(document.title).toBe('Rack · Anello');
  });
  it('every one has a name over its window', () => {
    for (const { meta, redirect } of router.getRoutes())
      if (!redirect) expect(meta['title']).toMatch(/^[A-Z]/);
  });
});

describe('a place that is not in this browser', () => {
  const unfetched = (): Promise<never> =>
    Promise.reject(new TypeError('Failed to fetch dynamically imported module: /assets/log.js'));
  const wanted = async (): Promise<void> => {
    router.addRoute({ path: '/far', name: 'far', component: unfetched, meta: { title: 'Far place' } });
    await router.push('/far').catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, 20));
  };

  it('is said with the server away, until another one is looked at', async () => {
    freshStores();
    answering(() => 'away');
    await wanted();
    expect([placeUnfetched.value, useOutbox().away]).toEqual(['Far place', true]);
    router.addRoute({ path: '/near', component: { render: () => null }, meta: { title: 'Near' } });
    await router.push('/near');
    expect(placeUnfetched.value).toBeNull();
  });
  it('is not said where the place itself is broken', async () => {
    freshStores();
    answering(() => 'away');
    const broken = (): Promise<never> => Promise.reject(new Error('broken'));
    router.addRoute({ path: '/broken', component: broken, meta: { title: 'Broken' } });
    await router.push('/broken').catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect([placeUnfetched.value, useOutbox().away]).toEqual([null, false]);
  });
});
