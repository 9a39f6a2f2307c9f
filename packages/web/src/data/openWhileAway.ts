import { watchForNewVersion } from './newVersion';

/**
 * Has the browser hold the app itself, so that it opens when the server is away. Browsers do that only for this machine and
 * over https; elsewhere a page that is open goes on, and one that is reloaded waits for the server.
 */
export function openWhileAway(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  // After the first screen: what is held is fetched once more, and nobody should wait for it.
  window.addEventListener('load', () => {
    setTimeout(
      () =>
        void navigator.serviceWorker
          .register('/sw.js')
          .then(watchForNewVersion)
          .catch(() => undefined),
      3000,
    );
  });
}
