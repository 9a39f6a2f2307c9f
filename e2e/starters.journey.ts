import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, lead } from './shop';

test('a shank of a known taper: from the rack to its first figure to set in six touches', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/rack`);
  await expect(page.getByRole('link', { name: 'New job' })).toBeVisible();
  const begun = Date.now();
  let touches = 0;
  const touch = async (what: () => Promise<unknown>): Promise<void> => {
    await what();
    touches++;
  };
  await touch(() => page.getByRole('link', { name: 'New job' }).click());
  await touch(() => page.getByRole('button', { name: 'Plain shank' }).click());
  // One touch and four keys: the box finds it by what people call it.
  await touch(async () => {
    await page.getByLabel('Taper', { exact: true }).click();
    await page.keyboard.type('mt4');
    await page.getByRole('option').first().waitFor();
    await page.keyboard.press('Enter');
  });
  await expect(page.getByLabel('What it is')).toHaveValue('Shank, No. 4 Morse');
  await touch(() => page.getByRole('button', { name: 'Put it on the rack' }).click());
  await expect(page).toHaveURL(/\/way$/);
  await touch(() => bar.does('Choose it'));
  await touch(() => bar.does('On to Set'));
  await expect(page.getByRole('heading', { name: /^Set the bar to/ })).toBeVisible();
  expect(touches).toBeLessThanOrEqual(6);
  expect(Date.now() - begun).toBeLessThan(20_000);
});

test('a part begun from a drawn one, with its figures, in inch; and one from nothing', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/new`);
  await page.getByRole('button', { name: 'Bored hub' }).click();
  await page.getByLabel('Outside, diameter').fill('2 1/2 in');
  await page.getByLabel('Taper on diameter').fill('1:10');
  await accessible(page, 'what are you making');
  await page.getByLabel('What it is').fill('Pulley hub');
  await page.getByLabel('How many').fill('3');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page).toHaveURL(/\/way$/);
  const id = /job\/([^/]+)\//.exec(page.url())![1]!;
  const document = (await jobOnServer(shop, id)).job.document as unknown as {
    title: string;
    quantity: number;
    features: object[];
    work: object;
  };
  expect(document).toMatchObject({ title: 'Pulley hub', quantity: 3 });
  expect(document.features[0]).toMatchObject({ diameter: { typed: '2 1/2 in' } });
  expect(document.work).toMatchObject({ bore: { mate: 'Plug turned from the shaft' } });

  await lead(page, '/new');
  await page.getByLabel('What it is').fill('Odd thing');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page).toHaveURL(/\/part$/);
});
