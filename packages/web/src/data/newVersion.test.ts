import { afterEach, beforeEach, expect, it, vi } from 'vitest';

/** A stand-in for the browser's own: one in charge, or none. */
function browser(inCharge: boolean) {
  const container = Object.assign(new EventTarget(), { controller: inCharge ? {} : null });
  Object.defineProperty(navigator, 'serviceWorker', { value: container, configurable: true });
  return container;
}
const worker = (state: string) => Object.assign(new EventTarget(), { state, postMessage: vi.fn() });
const registration = (over: object = {}) =>
  Object.assign(new EventTarget(), {
    waiting: null as unknown,
    installing: null as unknown,
    update: vi.fn(async () => undefined),
    ...over,
  });
type Watched = ServiceWorkerRegistration;

beforeEach(() => {
  vi.resetModules();
  vi.useFakeTimers();
});
afterEach(() => vi.useRealTimers());

it('a newer one that is ready is offered, taken when somebody says so, and begins anew', async () => {
  const container = browser(true);
  const { newVersionOffered, takeNewVersion, watchForNewVersion } = await import('./newVersion');
  const held = registration();
  watchForNewVersion(held as unknown as Watched);
  expect(newVersionOffered.value).toBe(false);
  const coming = worker('installing');
  held.installing = coming;
  held.dispatchEvent(new Event('updatefound'));
  coming.state = 'installed';
  coming.dispatchEvent(new Event('statechange'));
  expect(newVersionOffered.value).toBe(true);
  const taken = vi.spyOn(container, 'addEventListener');
  takeNewVersion();
  expect(coming.postMessage).toHaveBeenCalledWith('take');
  expect(taken).toHaveBeenCalledWith('controllerchange', expect.any(Function), { once: true });
});
it('left, it is out of the way', async () => {
  browser(true);
  const { leaveNewVersion, newVersionOffered, watchForNewVersion } = await import('./newVersion');
  watchForNewVersion(registration({ waiting: worker('installed') }) as unknown as Watched);
  expect(newVersionOffered.value).toBe(true);
  leaveNewVersion();
  expect(newVersionOffered.value).toBe(false);
});
it('the first of all is no newer one; and it is looked for as long as the page is open', async () => {
  browser(false);
  const { newVersionOffered, watchForNewVersion } = await import('./newVersion');
  const held = registration({ waiting: worker('installed') });
  watchForNewVersion(held as unknown as Watched);
  expect(newVersionOffered.value).toBe(false);
  vi.advanceTimersByTime(3 * 60 * 60_000);
  expect(held.update).toHaveBeenCalledTimes(3);
});
