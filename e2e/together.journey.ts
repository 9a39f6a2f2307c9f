import type { Page } from '@playwright/test';
import { accessible } from './accessible';
import { Bar, expect, OWN_SERVER, type Shop, test, lead } from './shop';

/** Another screen of the shop, in a browser of its own, with other hands at it. */
async function another(page: Page, shop: Shop, place: string): Promise<Page> {
  const context = await page.context().browser()!.newContext({ serviceWorkers: 'block' });
  const other = await context.newPage();
  await other.addInitScript(() => localStorage.setItem('anello.operator', 'MT'));
  await other.goto(shop.address + place);
  return other;
}

test('two screens on one job: readings, edits and who is there show on the other by themselves', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  const bench = await another(page, shop, '/job/j-101/set');
  await expect(page.getByText('MT here too')).toBeVisible();
  await expect(bench.getByText('RK here too')).toBeVisible();
  await accessible(page, 'a job that another has open');

  // A reading typed at the lathe is the next nudge on the bench.
  await new Bar(page).keep('1.893');
  await expect(bench.getByText('1.893').first()).toBeVisible();

  // Edits of different boxes do not collide; half-typed text stays while the other's comes.
  await page.getByRole('link', { name: 'Part' }).first().click();
  await bench.getByRole('link', { name: 'Part' }).first().click();
  await bench.getByLabel('Whose job').fill('M');
  await page.getByLabel('Material').fill('EN19');
  await expect(bench.getByLabel('Material')).toHaveValue('EN19');
  await bench.getByLabel('Whose job').fill('MT');
  await expect(page.getByLabel('Whose job')).toHaveValue('MT');
  await expect(page.getByLabel('Material')).toHaveValue('EN19');

  // On the rack as well, and whoever leaves is gone.
  await lead(page, '/rack');
  await expect(bench.getByText('RK here too')).toHaveCount(0);
  const card = page.getByRole('link', { name: /J-101/ });
  await bench.getByLabel('What it is').fill('Boring-bar shank, long');
  await expect(card).toContainText('Boring-bar shank, long');
  await bench.context().close();
});

test('a screen that lost the server catches up when it is back', OWN_SERVER, async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-101/record`);
  await expect(page.getByText('Card done: scale (bar)')).toBeVisible();
  await shop.stop();
  await shop.start();
  const kept = await fetch(`${shop.address}/api/records`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      id: crypto.randomUUID(),
      jobId: 'j-101',
      piece: 1,
      at: new Date().toISOString(),
      operator: 'DO',
      body: { kind: 'note', text: 'Carrier filed flat' },
    }),
  });
  expect(kept.status).toBe(201);
  await expect(page.getByText('Carrier filed flat').first()).toBeVisible();
});
