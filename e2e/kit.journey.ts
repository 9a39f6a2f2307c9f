import { readFile } from 'node:fs/promises';
import { accessible } from './accessible';
import { expect, test, lead } from './shop';

test('a lathe is added, described, copied, put away, and carried to another shop as a file', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/machines`);
  await page.getByRole('button', { name: 'Add a lathe' }).click();
  await expect(page.getByRole('heading', { name: 'New lathe', level: 1 })).toBeVisible();
  await page.getByLabel('Name', { exact: true }).first().fill('Bench lathe');
  await page.getByLabel('Taper attachment: this lathe has one').click();
  await page.getByLabel('Turns of its knob for a degree').fill('3');
  await page.getByLabel('Change gears owned, teeth').fill('20, 25, forty');
  await expect(page.getByText('“forty” is no change gear')).toBeVisible();
  await page.getByLabel('Change gears owned, teeth').fill('20, 25, 40');
  await page.getByRole('button', { name: 'Add a chuck' }).click();
  await expect(page.getByText('Not saved yet.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('What you changed here before stands here still')).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Saved. Bench lathe is up to date.')).toBeVisible();
  await accessible(page, 'a lathe’s record');
  const { machines } = await (await fetch(`${shop.address}/api/machines`)).json();
  const mine = machines.find((m: { document: { name: string } }) => m.document.name === 'Bench lathe');
  expect(mine.document).toMatchObject({
    changeGears: [20, 25, 40],
    attachment: { turnsPerDegree: { value: 3 } },
  });

  await page.getByRole('button', { name: 'Copy this lathe' }).click();
  await expect(page.getByRole('heading', { name: 'Bench lathe (copy)', level: 1 })).toBeVisible();
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByText('Put away: no new job is offered it')).toBeVisible();
  await lead(page, '/machines');
  await expect(page.getByRole('region', { name: 'Put away' })).toContainText('Bench lathe (copy)');

  await page.getByRole('link', { name: 'Bench lathe', exact: true }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  const text = await readFile(await download.path(), 'utf8');
  expect(JSON.parse(text)).toMatchObject({
    format: 'anello-shop',
    machines: [{ document: { name: 'Bench lathe' } }],
  });

  await lead(page, '/book');
  const take = page.locator('input[type=file]');
  const other = text.replaceAll(mine.id, 'their-lathe').replaceAll('Bench lathe', 'Their lathe');
  await take.setInputFiles({ name: 'their.json', mimeType: 'application/json', buffer: Buffer.from(other) });
  const compared = page.getByRole('region', { name: 'The file, compared with what is here' });
  await expect(compared).toContainText('Their lathe');
  await compared.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText('Taken in: Their lathe.')).toBeVisible();
  await take.setInputFiles({ name: 'bad.json', mimeType: 'application/json', buffer: Buffer.from('{no') });
  await expect(page.getByText('bad.json is neither a zip nor a JSON file')).toBeVisible();
  await take.setInputFiles({ name: 'odd.json', mimeType: 'application/json', buffer: Buffer.from('{}') });
  await expect(page.getByText('Nothing was taken in.')).toBeVisible();
});

test('things are put in the drawers as people write them, and put away again', async ({ page, shop }) => {
  await page.goto(`${shop.address}/kit`);
  await accessible(page, 'kit');
  await page.getByRole('link', { name: 'Add a set of drills' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Letter drills');
  const sizes = page.getByLabel(/^Sizes/).first();
  await sizes.fill('6 to 1 by 1');
  await expect(page.getByText('runs backwards')).toBeVisible();
  await sizes.fill('A to Z; #1 to #60; 15/64 in; 6.5');
  await expect(page.getByText('reads 88 pieces')).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Letter drills is on record.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Letter drills' })).toBeVisible();
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByText('Put away: no job is offered it')).toBeVisible();
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(page.locator('section', { hasText: 'Put away' }).last()).toContainText('Letter drills');

  await page.getByRole('link', { name: 'Add a master' }).click();
  await page.getByRole('combobox', { name: 'From the tables' }).click();
  await page.getByRole('combobox', { name: 'From the tables' }).fill('jarno');
  await page.getByRole('option', { name: 'No. 6 Jarno' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('No. 6 Jarno plug gauge');
  await page.getByLabel('Last proved on').fill('2026-11-01');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('is on record')).toBeVisible();
  await accessible(page, 'one thing of the kit');
});

test('a pin block is designed, drawn in three open formats and kept', async ({ page, shop }) => {
  await page.goto(`${shop.address}/pin-block`);
  await expect(page.getByRole('img', { name: 'The pin block, to scale' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Add a taper' }).click();
  await page.getByRole('combobox', { name: 'Add a taper' }).fill('platen');
  await page.getByRole('option', { name: /Platen crank pin/ }).click();
  await expect(page.getByRole('row', { name: /Platen crank pin/ })).toBeVisible();
  await page.getByLabel('Block, long').fill('10 mm');
  await expect(page.getByText(/no room for two holes/)).toBeVisible();
  await page.getByLabel('Block, long').fill('4-1/2 in');
  await expect(page.getByText(/no room for two holes/)).toBeHidden();
  for (const [name, starts] of [
    ['PDF, full size', '%PDF-'],
    ['SVG', '<?xml'],
    ['DXF', '0\r\nSECTION|0\nSECTION|  0\nSECTION|999'],
  ] as const) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    const text = await readFile(await download.path(), 'latin1');
    expect(
      starts.split('|').some((s) => text.startsWith(s)),
      `${name}: ${text.slice(0, 20)}`,
    ).toBe(true);
  }
  await accessible(page, 'pin block');
  await page.getByRole('button', { name: 'Keep among the kit' }).click();
  await expect(page.getByText('Pin block is among the kit.')).toBeVisible();
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(page.getByRole('link', { name: /^Pin block .*Platen crank pin/ })).toBeVisible();
});

test('figures that look like others are said with what they cost, and the right one is one tap away', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-107/part`);
  await page
    .getByRole('button', { name: /Collet seat/ })
    .first()
    .click();
  const half = page.getByLabel('Half angle', { exact: true });
  await expect(page.locator('.mixups')).toHaveCount(0);
  await half.fill('16');
  await expect(page.locator('.mixups')).toContainText('is the included angle of');
  await expect(page.locator('.mixups')).toContainText('divisions of the dial');
  await expect(page.getByText('reads 16°00′00″, ratio 0.57349')).toBeVisible();
  await page.getByRole('button', { name: /Use\s*8°/ }).click();
  await expect(page.locator('.mixups')).toHaveCount(0);
  await expect(half).toHaveValue('8°');
});

test('a set whose check is overdue is named in the kit until it is checked', async ({ page, shop }) => {
  await page.goto(`${shop.address}/kit`);
  const late = page.getByText('To be checked:');
  await late.getByRole('link', { name: '88-piece set' }).click();
  await page.getByLabel('Last checked on').fill(new Date().toISOString().slice(0, 10));
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('is on record')).toBeVisible();
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(page.getByText('checked, good to').first()).toBeVisible();
  await expect(late).toHaveCount(0);
  await accessible(page, 'the kit and its checks');
});
