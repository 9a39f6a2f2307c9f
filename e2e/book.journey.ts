import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, truncateSync } from 'node:fs';
import { join } from 'node:path';
import { PDFDocument } from 'pdf-lib';
import { squaresOf } from './squares';
import { accessible } from './accessible';
import { Bar, expect, jobOnServer, OWN_SERVER, test, toView, lead } from './shop';

test(
  'the book is copied, wrecked and put back, and nothing that was copied is lost',
  OWN_SERVER,
  async ({ page, shop }) => {
    await page.goto(`${shop.address}/job/j-101/set`);
    await new Bar(page).keep('1.893');
    await expect(page.locator('.nudge')).toContainText('0.026');
    await lead(page, '/book');
    await expect(page.getByText('never', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Copy it now' }).click();
    await expect(page.getByText('just now')).toBeVisible();
    await accessible(page, 'the book');
    const copies = join(shop.folder, 'copies');
    const [copy] = readdirSync(copies);
    expect(copy).toMatch(/^\d{4}-.*\.sqlite$/);

    await shop.stop('SIGTERM');
    truncateSync(join(shop.folder, 'anello.sqlite'), 20_000);
    await expect(shop.start()).rejects.toThrow(/did not start/);
    const restored = execFileSync(
      process.execPath,
      ['--import', 'tsx', 'packages/server/src/cli/restore.ts', join(copies, copy!)],
      { env: { ...process.env, ANELLO_DATA: shop.folder }, encoding: 'utf8' },
    );
    expect(restored).toContain('set-aside-');
    await shop.start();
    await page.goto(`${shop.address}/job/j-101/set`);
    await expect(page.getByText('1.893').first()).toBeVisible();
  },
);

test('a job goes out as a file, and is compared with what is here before it comes in again', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-103/record`);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The job as a file' }).click();
  const file = await (await download).path();
  await toView(page, 'Part');
  await page.getByLabel('What it is').fill('Changed since it went out');
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-103')).job.document.title)
    .toBe('Changed since it went out');
  await lead(page, '/book');
  await page.getByLabel('Take a file in').setInputFiles({
    name: 'j-103.anello.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(file),
  });
  const compared = page.getByRole('region', { name: 'The file, compared with what is here' });
  await expect(compared.getByText('differs in what it is')).toBeVisible();
  await accessible(page, 'a file compared');
  const titles = async (): Promise<string[]> =>
    (await (await fetch(`${shop.address}/api/jobs?search=J-103`)).json()).jobs.map(
      (job: { title: string }) => job.title,
    );
  expect(await titles()).toEqual(['Changed since it went out']);
  await compared.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Beside what was here: J-103-2.')).toBeVisible();
  expect(await titles()).toHaveLength(2);
});

test('the job is printed at any step, on the paper that is there, and its square leads back to it', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-110/plan`);
  const printed = async (): Promise<PDFDocument> => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Job sheet, PDF' }).click();
    return PDFDocument.load(readFileSync(await (await download).path()));
  };
  const a4 = await printed();
  expect(a4.getPageCount()).toBe(2);
  // Read off the paper as a tablet would, and followed to the step it stands beside.
  const addresses = squaresOf(a4);
  expect(addresses).toContain(`${shop.address}/job/j-110/plan`);
  const step = addresses.find((address) => address.includes('/job/j-110/work/'));
  await page.goto(step!);
  await expect(page.getByRole('heading', { name: 'Look first' })).toBeVisible();
  await lead(page, '/job/j-110/plan');
  expect(a4.getTitle()).toBe('J-110 Collet holder, No. 3 Morse shank, 8° seat');
  expect(a4.getPage(0).getWidth()).toBeCloseTo((210 * 72) / 25.4, 1);
  await page.getByRole('button', { name: 'Letter' }).click();
  expect((await printed()).getPage(0).getWidth()).toBeCloseTo(612, 1);
  await toView(page, 'Record');
  await expect(page.getByRole('button', { name: 'Letter' })).toHaveAttribute('aria-pressed', 'true');
  await accessible(page, 'a job to take away');
});
