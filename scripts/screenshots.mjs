// npm run screenshots: one current picture of each main view, from the demo data, into docs/screenshots.
import { chromium } from '@playwright/test';
import { Buffer } from 'node:buffer';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM_FLAGS, ensureBuilt, ensureChromium, ensureInstalled, root, startServer } from './lib.mjs';

/** A bar that is worn hollow, set a little steep, with lash and a chip on it, as a readout would have sent it. */
function sweptBar() {
  const slope = Math.tan(Math.atan(1 / 19.922 / 2)) + 0.0004;
  const rows = Array.from({ length: 300 }, (_, i) => {
    const at = (90 * i) / 299;
    const hollow = (-0.014 * 4 * at * (90 - at)) / 90 ** 2;
    const seen = slope * Math.max(0, at - 5) + hollow + 0.0007 * Math.sin(1000 * at) + (i === 170 ? 0.02 : 0);
    return `${at.toFixed(3)};${seen.toFixed(4)}`;
  });
  return Buffer.from(['travel mm;reading mm', ...rows].join('\n'));
}

const VIEWS = [
  { name: 'rack', url: '/rack' },
  { name: 'part', url: '/job/j-101/part' },
  { name: 'new', url: '/new', act: (page) => page.getByRole('button', { name: 'Steep mandrel' }).click() },
  { name: 'plan', url: '/job/j-110/plan' },
  { name: 'work', url: '/job/j-110/work/turn-nut-thread-1' },
  { name: 'way', url: '/job/j-101/way' },
  { name: 'set', url: '/job/j-101/set' },
  { name: 'cut', url: '/job/j-108/cut' },
  { name: 'prove', url: '/job/j-102/prove' },
  {
    name: 'record',
    url: '/job/j-110/record',
    act: (page) => page.getByRole('button', { name: 'Pieces' }).click(),
  },
  { name: 'machine', url: '/machines/long-lathe' },
  {
    name: 'eccentric',
    url: '/job/j-103/set',
    live: true,
    act: async (page) => {
      // Turned once round by hand.
      await page.getByText('It swings').waitFor({ timeout: 60_000 });
      for (const seen of ['3.9', '-3.9', '0.6', '-0.6']) {
        await page.locator('#reading').fill(seen);
        await page.keyboard.press('Enter');
        await page.waitForTimeout(250);
      }
    },
  },
  { name: 'log', url: '/log?words=J-110' },
  { name: 'tapers', url: '/tapers' },
  {
    name: 'sweep',
    url: '/job/j-101/set',
    act: async (page) => {
      const panel = page.getByRole('region', { name: 'The needle all along' });
      await panel
        .getByLabel('A file of readings')
        .setInputFiles({ name: 'sweep.csv', mimeType: 'text/csv', buffer: sweptBar() });
      await panel.locator('.says').waitFor();
      await panel.evaluate((one) => one.scrollIntoView({ block: 'start' }));
    },
  },
  {
    name: 'practice',
    url: '/practice/compound?lathe=7',
    act: async (page) => {
      const press = (name) => page.getByRole('button', { name, exact: true }).click();
      await press('Scale');
      await page.getByLabel('Compound to, by its scale').fill('8');
      await press('Set it');
      await press('Done');
      await press('Indicator');
      await press('Zero both here');
      for (let station = 1; station <= 2; station++) {
        for (let i = 0; i < 8; i++) await press('Compound’s handle +1.00 mm');
        await page.waitForTimeout(300);
        await page.locator('#reading').press('Space');
        await page.waitForTimeout(300);
      }
      await page.locator('.scroller').evaluate((one) => one.scrollTo(0, 0));
    },
  },
  { name: 'lost', url: '/lost', act: (page) => page.locator('.cause').first().click() },
  {
    name: 'listen-dark-1024',
    url: '/job/j-102/cut',
    size: { width: 1024, height: 768 },
    theme: 'dark',
    act: async (page) => {
      await page.getByRole('button', { name: 'Listen', exact: true }).click();
      await page.getByRole('button', { name: 'A made-up sound' }).click();
      const panel = page.getByRole('region', { name: 'Listen to the cut' });
      await panel.getByRole('group').waitFor();
      await panel.evaluate((one) => one.scrollIntoView({ block: 'start' }));
    },
  },
  { name: 'set-phone', url: '/job/j-101/set', size: { width: 390, height: 844 } },
];

ensureInstalled();
const executablePath = ensureChromium();
ensureBuilt();
const dataFolder = mkdtempSync(join(tmpdir(), 'anello-shots-'));
const port = 4671;
const server = await startServer({ dataFolder, port });
const instruments = spawn(
  process.execPath,
  ['scripts/instruments.mjs', '--spindle', '--to', `http://127.0.0.1:${port}`],
  { cwd: root, stdio: 'ignore' },
);
const browser = await chromium.launch({ executablePath, args: CHROMIUM_FLAGS });
try {
  for (const {
    name,
    url,
    act,
    live = false,
    size = { width: 1280, height: 800 },
    theme = 'light',
  } of VIEWS) {
    const page = await browser.newPage({ viewport: size });
    await page.addInitScript(
      ({ theme, live }) => {
        localStorage.setItem('anello.theme', theme);
        localStorage.setItem('anello.operator', 'RK');
        if (live) localStorage.setItem('anello.instruments', JSON.stringify({ reading: 'indicator' }));
      },
      { theme, live },
    );
    await page.goto(`http://127.0.0.1:${port}${url}`, { waitUntil: 'networkidle' });
    await page.evaluate(() => document.fonts.ready);
    await act?.(page);
    await page.waitForTimeout(600);
    await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
    await page.close();
  }
} finally {
  await browser.close();
  instruments.kill('SIGTERM');
  const gone = new Promise((resolve) => server.once('exit', resolve));
  server.kill('SIGTERM');
  await gone;
  rmSync(dataFolder, { recursive: true, force: true });
}
