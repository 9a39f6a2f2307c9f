import { accessible } from './accessible';
import { expect, jobOnServer, test } from './shop';

test('J-107 from bar to part: its line of work moved about, warned of, kept, and proposed again', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-107/part`);
  await page.getByRole('link', { name: 'Plan' }).click();
  const first = page.getByRole('region', { name: 'Holding 1: Three-jaw' });
  const rows = first.getByRole('listitem');
  await expect(rows.first()).toContainText('Face the tailstock end');
  await expect(rows.last()).toContainText('Part off');
  await expect(page.getByText('Nothing as it stands.')).toBeVisible();
  await expect(page.getByRole('region', { name: /^Holding 2/ })).toContainText('over all');

  // The thread before the groove it runs out into.
  const thread = first.getByRole('button', { name: /Thread M32x1.5/ });
  await thread.click();
  await expect(thread).toHaveAttribute('aria-expanded', 'true');
  await expect(first).toContainText('A way out: groove, or the half-nuts at a mark.');
  await first.getByRole('button', { name: 'Earlier', exact: true }).click();
  await expect(first).toContainText('is not cut yet: the tool runs into a shoulder');
  await expect(page.getByText('This is your own order.')).toBeVisible();
  await accessible(page, 'a plan with something endangered');
  await expect.poll(async () => JSON.stringify((await jobOnServer(shop, 'j-107')).job)).toContain('"plan"');

  // The same by keys, after a reload: part off into the holding before nothing is left to hold.
  await page.reload();
  await expect(first).toContainText('the tool runs into a shoulder');
  const partOff = first.getByRole('button', { name: /^Part off/ });
  await partOff.focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(first).toContainText('The piece is parted off by then');

  await page.getByRole('button', { name: 'Propose it again' }).click();
  await expect(page.getByText('Nothing as it stands.')).toBeVisible();
  await page.keyboard.press('z');
  await expect(first).toContainText('The piece is parted off by then');
});

test('the bar of a part: the usual one taken, another typed, and one too thin refused at its box', async ({
  page,
  shop,
}) => {
  // As a job is before anybody has said what it is made from.
  const { job } = await jobOnServer(shop, 'j-107');
  const { stock: _, ...document } = job.document as Record<string, unknown>;
  await page.request.put(`${shop.address}/api/jobs/j-107`, { data: { version: job.version, document } });
  await page.goto(`${shop.address}/job/j-107/plan`);
  await expect(page.getByText('Nothing said yet: the next size up', { exact: false })).toBeVisible();
  await page.getByLabel('Diameter').fill('30 mm');
  await expect(page.getByText('this bar is too thin for it', { exact: false }).first()).toBeVisible();
  await accessible(page, 'a bar that is too thin');
  await page.getByLabel('Diameter').fill('1 5/8 in');
  await expect(page.getByRole('region', { name: /^Holding 1/ })).toContainText('41.28');
  await expect
    .poll(async () => JSON.stringify((await jobOnServer(shop, 'j-107')).job))
    .toContain('"across":{"typed":"1 5/8 in"');
  await page.getByLabel('Length').fill('84 mm');
  // No bar left to hold beside the part: it is held by its own length, and nothing is parted off.
  await expect(page.getByRole('button', { name: /^Part off/ })).toHaveCount(0);
});
