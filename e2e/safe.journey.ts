import { randomUUID } from 'node:crypto';
import { accessible } from './accessible';
import { Bar, expect, jobOnServer, OWN_PAGE, OWN_SERVER, test } from './shop';

test.describe('the app held in the browser', () => {
  test.use({ serviceWorkers: 'allow' });
  test(
    'is opened again with the server away, with what was last seen, and what is typed then arrives',
    OWN_SERVER,
    async ({ page, shop }) => {
      await page.goto(`${shop.address}/job/j-101/set`);
      await expect(page.getByText('Reading at 75 mm')).toBeVisible();
      await expect
        .poll(() => page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state), {
          timeout: 20_000,
        })
        .toBe('activated');
      // All that a device asks for to install it.
      const manifest = await (await page.request.get(`${shop.address}/manifest.webmanifest`)).json();
      for (const { src, type } of manifest.icons as { src: string; type: string }[])
        expect((await page.request.get(shop.address + src)).headers()['content-type']).toBe(type);
      await shop.stop('SIGKILL');
      await page.reload();
      await expect(page.getByText('Reading at 75 mm')).toBeVisible({ timeout: 15_000 });
      await new Bar(page).keep('1.893');
      await page.goto(`${shop.address}/rack`);
      await expect(page.getByRole('heading', { name: /rack/i }).first()).toBeVisible();
      await shop.start();
      await expect
        .poll(async () => (await jobOnServer(shop, 'j-101')).records.length, { timeout: 20_000 })
        .toBe(4);
    },
  );
});

test('an edit followed at once by another job, or by closing the page, is on the server', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/part`);
  await page.getByLabel('What it is').fill('Renamed and left');
  await page.goto(`${shop.address}/job/j-102/part`);
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-101')).job.document.title)
    .toBe('Renamed and left');
  await page.getByLabel('What it is').fill('Renamed and closed');
  await page.close();
  const other = await page.context().newPage();
  await other.goto(`${shop.address}/rack`);
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-102')).job.document.title)
    .toBe('Renamed and closed');
  await other.close();
});

test('a reading the server will not take stays at its job with why, and is named on the rack', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  await page.route('**/api/records', async (route) => {
    const body = route.request().postDataJSON() as { piece: number };
    await route.continue({
      postData: JSON.stringify({ ...body, piece: body.piece === 1 ? 199 : body.piece }),
    });
  });
  const bar = new Bar(page);
  await bar.keep('1.893');
  const held = page.getByRole('region', { name: 'Not on the server' });
  await expect(held).toContainText('There is no piece 199: this job makes 3.');
  await accessible(page, 'a reading not taken');
  await page.getByRole('link', { name: 'Rack' }).click();
  await expect(page.getByRole('list', { name: 'To be looked at' })).toContainText('J-101');
  await page.getByRole('list', { name: 'To be looked at' }).getByRole('link').first().click();
  await page.unroute('**/api/records');
  await held.getByRole('button', { name: /as made now/ }).click();
  await expect(held).toBeHidden();
  await expect.poll(async () => (await jobOnServer(shop, 'j-101')).records.length).toBe(4);
});

test(
  'somebody else’s edit of the same fields is settled field by field',
  OWN_PAGE,
  async ({ page, shop }) => {
    // Without the line on which the server tells of it: told in time, the edit would be typed over theirs, and be no clash.
    await page.routeWebSocket(/\/api\/live/, () => undefined);
    await page.goto(`${shop.address}/job/j-101/part`);
    await expect(page.getByLabel('What it is')).toBeVisible();
    const { job } = await jobOnServer(shop, 'j-101');
    const document = { ...job.document, title: 'Theirs', material: 'Brass' };
    const put = await page.request.put(`${shop.address}/api/jobs/j-101`, {
      data: { version: job.version, document, save: randomUUID() },
    });
    expect(put.ok()).toBe(true);
    await page.getByLabel('What it is').fill('Mine');
    const clash = page.getByRole('region', { name: 'Changed by two people' });
    await expect(clash).toContainText('Changed by somebody else');
    await expect(clash.getByRole('button', { name: 'Theirs: Theirs' })).toBeVisible();
    await accessible(page, 'changed by two people');
    await clash.getByRole('button', { name: 'Mine: Mine' }).click();
    await expect
      .poll(async () => (await jobOnServer(shop, 'j-101')).job.document)
      .toMatchObject({ title: 'Mine', material: 'Brass' });
  },
);

test('a shop with a passphrase: what is kept waits for signing in, and signing out ends it', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/set`);
  await expect(page.getByText('Reading at 75 mm')).toBeVisible();
  await shop.stop('SIGTERM');
  shop.env = { ANELLO_PASSPHRASE: 'quoin-and-key' };
  await shop.start();
  await bar.keep('1.893');
  const door = page.getByRole('dialog', { name: 'Sign in' });
  await expect(door).toBeVisible({ timeout: 20_000 });
  await accessible(page, 'signing in');
  await door.getByLabel('Passphrase').fill('not-the-word');
  await door.getByRole('button', { name: 'Sign in' }).click();
  await expect(door).toContainText('That is not the shop passphrase.');
  await door.getByLabel('Passphrase').fill('quoin-and-key');
  await door.getByRole('button', { name: 'Sign in' }).click();
  await expect(door).toBeHidden();
  const records = async (): Promise<number> => {
    const answer = await page.request.get(`${shop.address}/api/jobs/j-101`);
    return answer.ok() ? ((await answer.json()) as { records: unknown[] }).records.length : -1;
  };
  await expect.poll(records).toBe(4);
  await page.reload();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(door).toBeVisible();
  expect(await records()).toBe(-1);
});
