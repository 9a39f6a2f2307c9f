import type { Figure } from './bench.ts';
import { inBrowser } from './browser.ts';
import { median, milliseconds } from './stats.ts';

const READINGS = 100_000;
/** From the file to verdict and chart: reading it, the worker's own start, and the analysis. */
const BUDGET_MS = 2000;
/** One frame at 60 Hz. */
const FRAME_MS = 17;
const PORT = 4675;
const HALF_ANGLE = Math.atan(1 / 19.922 / 2);

function file(): Buffer {
  const rows = Array.from({ length: READINGS }, (_, i) => {
    const at = (90 * i) / (READINGS - 1);
    const seen =
      at * (Math.tan(HALF_ANGLE) + 0.0004) +
      0.0006 * Math.sin(1000 * at) -
      (0.01 * 4 * at * (90 - at)) / 8100;
    return `${at.toFixed(4)};${seen.toFixed(5)}`;
  });
  return Buffer.from(['travel mm;reading mm', ...rows].join('\n'));
}

/** A sweep of a hundred thousand readings in a real browser: taken in, judged and drawn; and a stretch drawn across it. */
export const longSweep = (): Promise<Figure[]> =>
  inBrowser(PORT, async (page, address) => {
    await page.goto(`${address}/job/j-101/set`, { waitUntil: 'networkidle' });
    const panel = page.getByRole('region', { name: 'The needle all along' });
    const buffer = file();
    const take = async (): Promise<number> => {
      const from = performance.now();
      await panel
        .getByLabel('A file of readings')
        .setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer });
      await panel.getByRole('img').waitFor();
      const ms = performance.now() - from;
      return ms;
    };
    const times: number[] = [];
    for (let i = 0; i < 4; i++) {
      times.push(await take());
      if (i < 3) await panel.getByRole('button', { name: 'Clear' }).click();
    }
    const frames = await panel.getByRole('img').evaluate(async (chart) => {
      const box = chart.getBoundingClientRect();
      const found: number[] = [];
      let before = await new Promise<number>((resolve) => requestAnimationFrame(resolve));
      for (let i = 0; i < 120; i++) {
        const at = { clientX: box.left + box.width * (0.2 + i / 240), clientY: box.top + 40, bubbles: true };
        chart.dispatchEvent(new PointerEvent(i === 0 ? 'pointerdown' : 'pointermove', at));
        const now = await new Promise<number>((resolve) => requestAnimationFrame(resolve));
        found.push(now - before);
        before = now;
      }
      return found;
    });
    const frame = median(frames);
    const ms = median(times.slice(1));
    return [
      {
        what: `${READINGS} readings from a file to verdict and chart, median`,
        measured: milliseconds(ms),
        budget: `${BUDGET_MS} ms`,
        within: ms < BUDGET_MS,
      },
      {
        what: `a stretch drawn across ${READINGS} readings, a frame, median`,
        measured: milliseconds(frame),
        budget: `${FRAME_MS} ms`,
        within: frame < FRAME_MS,
      },
    ];
  });
