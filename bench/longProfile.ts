import type { Locator } from '@playwright/test';
import { entry, type JobRow } from '@anello/contract';
import { randomUUID } from 'node:crypto';
import type { Figure } from './bench.ts';
import { inBrowser, keystrokes } from './browser.ts';
import { median, milliseconds } from './stats.ts';

const POINTS = 2000;
const LINES = 1000;
const BUDGET_MS = 1000;
/** In a worker, with its progress shown: the page stays free. */
const READ_MS = 5000;
const PORT = 4674;
const STAGES = ['way', 'set', 'cut', 'prove', 'record', 'part'];

const along = (i: number): string => `${(i / 20).toFixed(2)} mm`;
const across = (i: number): string => `${(30 + 4 * Math.sin(i / 150)).toFixed(3)} mm`;

/** A job with as many points as a profile takes: opened, edited, on every one of its stages; and a drawing of a thousand lines. */
export const longProfile = (): Promise<Figure[]> =>
  inBrowser(PORT, async (page, address) => {
    const { job } = (await (await fetch(`${address}/api/jobs/j-104`)).json()) as { job: JobRow };
    for (const feature of job.document.features)
      if (feature.kind === 'profile')
        feature.points = Array.from({ length: POINTS }, (_, i) => ({
          z: entry(along(i)),
          diameter: entry(across(i)),
        }));
    const saved = await fetch(`${address}/api/jobs/j-104`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ version: job.version, document: job.document, save: randomUUID() }),
    });
    if (!saved.ok) throw new Error(`The long profile was not taken: ${await saved.text()}`);
    const figure = (what: string, ms: number, budget = BUDGET_MS): Figure => ({
      what,
      measured: milliseconds(ms),
      budget: `${budget} ms`,
      within: ms < budget,
    });
    // The app itself and its stages are there already; what is measured is the job.
    for (const stage of STAGES)
      await page.goto(`${address}/job/j-104/${stage}`, { waitUntil: 'networkidle' });
    await page.goto(`${address}/rack`, { waitUntil: 'networkidle' });
    const opened = async (what: string, link: Locator): Promise<Figure> => {
      const from = performance.now();
      await link.click();
      await page.getByRole('group', { name: 'The part on the spindle axis' }).waitFor();
      await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve))));
      return figure(`${POINTS} points: ${what} opened`, performance.now() - from);
    };
    const stages = [await opened('the job', page.getByRole('link', { name: /J-104/ }).first())];
    for (const stage of STAGES) stages.push(await opened(stage, page.locator(`a[href$="/j-104/${stage}"]`)));
    await page.goto(`${address}/job/j-104/part`, { waitUntil: 'networkidle' });
    const box = page.getByLabel('2: along', { exact: true });
    await box.waitFor();
    const times = await keystrokes(
      box,
      Array.from({ length: 12 }, (_, i) => `0.0${1 + (i % 8)} mm`),
    );
    await page.getByText('Take it from a file, or save it as one').click();
    const lines = Array.from(
      { length: LINES },
      (_, i) =>
        `<path d="M${i / 10} ${5 + (i % 2)}C${i / 10 + 0.03} 4 ${i / 10 + 0.06} 7 ${(i + 1) / 10} ${5 + ((i + 1) % 2)}"/>`,
    );
    const from = performance.now();
    await page.getByLabel('Take in a DXF, SVG or CSV').setInputFiles({
      name: 'long.svg',
      mimeType: 'image/svg+xml',
      buffer: Buffer.from(
        `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" viewBox="0 0 100 20">${lines.join('')}</svg>`,
      ),
    });
    await page.getByText(/points, and a profile takes|points taken in/).waitFor();
    return [
      ...stages,
      figure(`${POINTS} points: a keystroke redrawn`, median(times)),
      figure(`SVG of ${LINES} curves read`, performance.now() - from, READ_MS),
    ];
  });
