import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

/** Beside what is built. */
const LAID_OUT = ['/ring.svg', '/manifest.webmanifest', '/icon-192.png', '/icon-512.png'];
const SOURCE = fileURLToPath(new URL('serviceWorker.js', import.meta.url));

/** Gives the service worker the names of everything that was built, so that the app opens with the server away. */
export function serviceWorker(): Plugin {
  return {
    name: 'anello-service-worker',
    apply: 'build',
    generateBundle(_, bundle) {
      const files = ['/', ...LAID_OUT, ...Object.keys(bundle).map((name) => `/${name}`)].filter(
        (name) => !name.endsWith('.html') && !name.endsWith('.map'),
      );
      const version = createHash('sha256').update(files.join()).digest('hex').slice(0, 12);
      const source = readFileSync(SOURCE, 'utf8')
        .replace('__VERSION__', JSON.stringify(version))
        .replace('__FILES__', JSON.stringify(files));
      this.emitFile({ type: 'asset', fileName: 'sw.js', source });
    },
  };
}
