import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test } from './shop';

test('people have names, and are picked by them at a lathe', async ({ page, shop }) => {
  await page.goto(`${shop.address}/people`);
  await page.getByLabel('Initials').fill('hv');
  await page.getByLabel('Name', { exact: true }).fill('Hanna Vale');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('HV is Hanna Vale.')).toBeVisible();
  await accessible(page, 'people');
  await page.goto(`${shop.address}/job/j-101/set`);
  await page.getByLabel('Your initials').focus();
  await page.getByRole('button', { name: 'HV Hanna Vale' }).click();
  await new Bar(page).keep('1.893');
  await expect.poll(async () => (await jobOnServer(shop, 'j-101')).records.at(-1)?.operator).toBe('HV');
});

test.describe('in a shop with a passphrase', () => {
  test('who may only look sees everything, keeps nothing, and is told so', async ({ page, shop }) => {
    await shop.stop('SIGTERM');
    shop.env = { ANELLO_PASSPHRASE: 'quoin-and-key' };
    await shop.start();
    const owner = { authorization: `Basic ${Buffer.from('shop:quoin-and-key').toString('base64')}` };
    const put = await fetch(`${shop.address}/api/people/AP`, {
      method: 'PUT',
      headers: { ...owner, 'content-type': 'application/json' },
      body: JSON.stringify({
        name: 'An apprentice',
        may: 'read',
        archived: false,
        passphrase: 'first year, first day',
      }),
    });
    expect(put.status).toBe(200);
    await page.goto(`${shop.address}/job/j-101/set`);
    const door = page.getByRole('dialog', { name: 'Sign in' });
    // The caret stands there, and does not come back to it from the box that is gone on to.
    await expect(door.getByLabel('Passphrase')).toBeFocused();
    await door.getByLabel('Passphrase').fill('first year, first day');
    await door.getByLabel(/Your initials/).fill('ap');
    await expect(door.getByLabel('Passphrase')).toHaveValue('first year, first day');
    await door.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByText('Signed in as An apprentice, to look')).toBeVisible();
    await expect(page.getByText('Reading at 75 mm')).toBeVisible();
    await new Bar(page).keep('1.893');
    await expect(page.getByText(/You are signed in to look/)).toBeVisible();
    const kept = await (await fetch(`${shop.address}/api/jobs/j-101`, { headers: owner })).json();
    expect(kept.records).toHaveLength(3);
  });
});
