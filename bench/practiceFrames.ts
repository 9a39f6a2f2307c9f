import type { Figure } from './bench.ts';
import { inBrowser } from './browser.ts';
import { median, milliseconds } from './stats.ts';

/** One frame at 60 Hz. */
const FRAME_MS = 17;
const FRAMES = 150;
const PORT = 4676;

/** The practice lathe while it cuts under power feed, in a real browser: metal taken off, drawn and told, frame by frame. */
export const practiceFrames = (): Promise<Figure[]> =>
  inBrowser(PORT, async (page, address) => {
    await page.goto(`${address}/practice/to-size?lathe=5`, { waitUntil: 'networkidle' });
    const into = page.getByRole('button', { name: 'Cross-slide +0.10 mm' });
    for (let i = 0; i < 66; i++) await into.click();
    await page.getByRole('button', { name: '◀ Feed' }).click();
    const frames = await page.evaluate(async (count) => {
      const found: number[] = [];
      let before = await new Promise<number>((resolve) => requestAnimationFrame(resolve));
      for (let i = 0; i < count; i++) {
        const now = await new Promise<number>((resolve) => requestAnimationFrame(resolve));
        found.push(now - before);
        before = now;
      }
      return found;
    }, FRAMES);
    const frame = median(frames);
    return [
      {
        what: 'the practice lathe under power feed, a frame, median',
        measured: milliseconds(frame),
        budget: `${FRAME_MS} ms`,
        within: frame < FRAME_MS,
      },
    ];
  });
