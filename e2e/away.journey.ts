import { readFileSync } from 'node:fs';
import { Bar, expect, jobOnServer, OWN_PAGE, OWN_SERVER, test } from './shop';

test(
  'with the server away the work goes on, and everything arrives once when it is back',
  OWN_SERVER,
  async ({ page, shop }) => {
    const bar = new Bar(page);
    await page.goto(`${shop.address}/job/j-101/set`);
    await expect(page.getByText('Reading at 75 mm')).toBeVisible();
    await page.waitForLoadState('networkidle');
    await shop.stop('SIGKILL');

    await bar.keep('1.893');
    await expect(page.getByText(/Server away, 1 kept here/)).toBeVisible();
    await expect(page.locator('.nudge')).toContainText('0.026');
    await bar.does('Nudged, read again');
    await bar.keep('.627');
    await page.getByRole('link', { name: 'Part' }).click();
    await page.getByLabel('What it is').fill('Boring-bar shank, renamed while away');
    await expect(page.getByText('held in this browser')).toBeVisible();
    await page.getByRole('link', { name: 'Cut' }).click();
    await bar.does('Cut it');
    await page.getByRole('link', { name: 'Record' }).click();
    await expect(page.getByText('kept here, not yet on the server').first()).toBeVisible();
    await expect(page.getByText(/4 kept here/)).toBeVisible();
    // Nobody knows when it is back: what waits can be carried off.
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: /Save what waits as a file/ }).click();
    const file = JSON.parse(readFileSync(await (await download).path(), 'utf8'));
    expect([file.waiting.length, file.drafts.length]).toEqual([4, 1]);

    await shop.start();
    await expect(page.getByText(/Server away/)).toBeHidden({ timeout: 20_000 });
    await expect
      .poll(async () => (await jobOnServer(shop, 'j-101')).records.map((r) => r.body.kind))
      .toEqual(['step', 'reading', 'reading', 'reading', 'nudge', 'reading', 'pass']);
    await expect
      .poll(async () => (await jobOnServer(shop, 'j-101')).job.document.title)
      .toBe('Boring-bar shank, renamed while away');
  },
);

test(
  'what was kept while away survives closing the page, and a lost answer does not double it',
  OWN_SERVER,
  async ({ page, shop }) => {
    const bar = new Bar(page);
    await page.goto(`${shop.address}/rack`);
    await page.getByRole('link', { name: /J-101/ }).click();
    await expect(bar.input).toBeVisible();
    await page.waitForLoadState('networkidle');
    // The server takes the reading, but its answer is lost on the way back.
    let lost = 0;
    await page.route('**/api/records', async (route) => {
      if (lost++ === 0) {
        await route.fetch();
        await route.abort();
      } else await route.continue();
    });
    await bar.keep('1.893');
    await expect.poll(() => lost, { timeout: 15_000 }).toBeGreaterThan(1);
    await expect(page.getByText(/kept here/)).toBeHidden();
    expect((await jobOnServer(shop, 'j-101')).records).toHaveLength(4);
    await page.unroute('**/api/records');

    await shop.stop('SIGKILL');
    // Left and come back to: what the server took is there, and not only what it had as the job was opened.
    await page.getByRole('link', { name: 'Rack' }).click();
    await expect(page.getByText('The jobs as they were seen here')).toBeVisible();
    await page.getByRole('link', { name: /J-101/ }).click();
    await expect(page.locator('.nudge')).toContainText('0.026');
    await page.getByRole('link', { name: 'Logbook' }).click();
    await expect(page.getByText('Logbook is not in this browser yet')).toBeVisible();
    await bar.does('Nudged, read again');
    await expect(page.getByText(/1 kept here/)).toBeVisible();
    await page.goto('about:blank');
    await shop.start();
    await page.goto(`${shop.address}/job/j-101/set`);
    await expect.poll(async () => (await jobOnServer(shop, 'j-101')).records.at(-1)?.body.kind).toBe('nudge');
    expect((await jobOnServer(shop, 'j-101')).records).toHaveLength(5);
    await expect(page.getByText('Reading at 25 mm')).toBeVisible();
  },
);

test(
  'two screens on one job: the later save is refused, shown, and neither is lost',
  OWN_PAGE,
  async ({ page, shop, context }) => {
    // This screen hears nothing of the other: else it would be shown the other's edit and go on from it.
    await page.routeWebSocket(/\/api\/live/, () => undefined);
    await page.goto(`${shop.address}/job/j-106/part`);
    await expect(page.getByLabel('Note', { exact: true })).toBeVisible();
    const other = await context.browser()!.newContext();
    const second = await other.newPage();
    await second.goto(`${shop.address}/job/j-106/part`);
    await second.getByLabel('Material').fill('EN16');
    await second.getByLabel('Tried in').fill('Gunmetal bushes');
    await expect
      .poll(async () => JSON.stringify((await jobOnServer(shop, 'j-106')).job.document))
      .toContain('Gunmetal bushes');
    await page.getByLabel('Tried in').fill('White-metal bearings');
    await expect(page.getByText('Changed by somebody else meanwhile.')).toBeVisible();
    await expect(page.getByLabel('Tried in')).toHaveValue('White-metal bearings');
    await page.getByRole('button', { name: /^Mine: / }).click();
    await expect
      .poll(async () => (await jobOnServer(shop, 'j-106')).job.document)
      .toMatchObject({ material: 'EN16', work: { 'first-groove-1': { mate: 'White-metal bearings' } } });
    await other.close();
  },
);
