import type { Figure } from './bench.ts';
import { inBrowser, keystrokes } from './browser.ts';
import { median, milliseconds } from './stats.ts';

const KEYS = 40;
/** One frame at 60 Hz. */
const BUDGET_MS = 16;
const PORT = 4673;

/** From a keystroke in a figure of the part to everything that follows from it laid out again, in a real browser. */
export async function redraw(): Promise<Figure[]> {
  const times = await inBrowser(PORT, async (page, address) => {
    await page.goto(`${address}/job/j-105/part`, { waitUntil: 'networkidle' });
    const box = page.getByLabel('Length', { exact: true });
    await box.waitFor();
    return keystrokes(
      box,
      Array.from({ length: KEYS }, (_, i) => `${40 + (i % 9)}.${i % 10} mm`),
    );
  });
  const ms = median(times.slice(5));
  return [
    {
      what: 'keystroke to redraw of the part, median',
      measured: milliseconds(ms),
      budget: `${BUDGET_MS} ms`,
      within: ms < BUDGET_MS,
    },
  ];
}
