import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM_FLAGS, ensureChromium, startServer } from '../scripts/lib.mjs';
import type { Figure } from './bench.ts';
import { median, milliseconds } from './stats.ts';

const KEYS = 40;
/** One frame at 60 Hz. */
const BUDGET_MS = 16;
const PORT = 4673;

/** From a keystroke in a figure of the part to everything that follows from it laid out again, in a real browser. */
export async function redraw(): Promise<Figure[]> {
  const dataFolder = mkdtempSync(join(tmpdir(), 'anello-bench-'));
  const server = await startServer({ dataFolder, port: PORT });
  const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_FLAGS });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`http://127.0.0.1:${PORT}/job/j-105/part`, { waitUntil: 'networkidle' });
    const box = page.getByLabel('Length', { exact: true });
    await box.waitFor();
    const times = await box.evaluate(async (input: HTMLInputElement, keys) => {
      // Nothing here may be a named function: the loader's name-keeping does not exist in the page.
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
      const found: number[] = [];
      for (let i = 0; i < keys; i++) {
        const from = performance.now();
        set?.call(input, `${40 + (i % 9)}.${i % 10} mm`);
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
    }, KEYS);
    const ms = median(times.slice(5));
    return [
      {
        what: 'keystroke to redraw of the part, median',
        measured: milliseconds(ms),
        budget: `${BUDGET_MS} ms`,
        within: ms < BUDGET_MS,
      },
    ];
  } finally {
    await browser.close();
    server.kill('SIGTERM');
    rmSync(dataFolder, { recursive: true, force: true });
  }
}
