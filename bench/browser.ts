import { chromium, type Locator, type Page } from '@playwright/test';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM_FLAGS, ensureChromium, startServer } from '../scripts/lib.mjs';

/** Some work in a real browser against a server of its own with the demo shop. */
export async function inBrowser<T>(
  port: number,
  work: (page: Page, address: string) => Promise<T>,
): Promise<T> {
  const dataFolder = mkdtempSync(join(tmpdir(), 'anello-bench-'));
  const server = await startServer({ dataFolder, port });
  const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    return await work(page, `http://127.0.0.1:${port}`);
  } finally {
    await browser.close();
    // It writes into its folder until it has gone.
    const gone = once(server, 'exit');
    server.kill('SIGTERM');
    await gone;
    rmSync(dataFolder, { recursive: true, force: true });
  }
}

/** From each text typed into a box to everything that follows from it laid out again, ms. */
export const keystrokes = (box: Locator, texts: readonly string[]): Promise<number[]> =>
  box.evaluate(async (input: HTMLInputElement, given) => {
    // Nothing here may be a named function: the loader's name-keeping does not exist in the page.
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    const found: number[] = [];
    for (const text of given) {
      const from = performance.now();
      set?.call(input, text);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise<void>((resolve) => {
        const channel = new MessageChannel();
        channel.port1.onmessage = () => resolve();
        channel.port2.postMessage(null);
      });
      document.body.getBoundingClientRect();
      found.push(performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    return found;
  }, texts);
