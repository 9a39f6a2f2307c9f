import { readonly, ref } from 'vue';

/** Looked for this often while the page is open, ms. */
const EVERY = 60 * 60_000;

const offered = ref(false);
let waiting: ServiceWorker | null = null;

/** A newer Anello lies ready in this browser: it is taken when somebody says so, or with the next start. */
export const newVersionOffered = readonly(offered);

function offer(worker: ServiceWorker | null): void {
  // Without one in charge this is the first of all: there is nothing older on the screen.
  if (!worker || !navigator.serviceWorker.controller) return;
  waiting = worker;
  offered.value = true;
}

/** Watches for a newer one, from when this one is held. */
export function watchForNewVersion(registration: ServiceWorkerRegistration): void {
  offer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const coming = registration.installing;
    coming?.addEventListener('statechange', () => {
      if (coming.state === 'installed') offer(coming);
    });
  });
  setInterval(() => void registration.update().catch(() => undefined), EVERY);
}

/** Begins anew with it. What was typed is safe in the browser before a key's event ends. */
export function takeNewVersion(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  waiting?.postMessage('take');
}

export const leaveNewVersion = (): void => void (offered.value = false);
