import { readFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';
import { accessible } from './accessible';
import { Bar, expect, test, lead } from './shop';

test('a taper looked up, seen to be what it is, and used in a job', async ({ page, shop }) => {
  await page.goto(`${shop.address}/tapers`);
  await page.getByLabel(/^Find/).fill('steep 40');
  await expect(page.getByRole('link', { name: 'No. 3 Morse' })).toHaveCount(0);
  await page.getByRole('link', { name: '7:24 No. 40' }).click();
  await expect(page).toHaveURL(/tapers\/steep\/40$/);
  const sheet = page.getByRole('region', { name: '7:24 No. 40' });
  await expect(sheet).toContainText('8°17′50″');
  await expect(sheet).toContainText('3.50000');
  await expect(sheet).toContainText('44.4500');
  await expect(sheet).toContainText('1.7500');
  await expect(sheet).toContainText('Self-releasing');
  await sheet.getByRole('button', { name: 'Use in a job' }).click();
  await expect(page.getByLabel('What it is')).toHaveValue('7:24 No. 40');
  await expect(page.getByLabel('Number')).toHaveValue('J-113');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page).toHaveURL(/\/part$/);
  await expect(page.getByRole('region', { name: 'The taper worked out' })).toContainText('8°17′50″');
  await page.getByRole('link', { name: 'Way' }).click();
  await expect(page.getByRole('heading', { name: 'Compound slide' })).toBeVisible();
});

test('an old part is named from two diameters, and how sure that is depends on the instrument', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/tapers`);
  await page.getByRole('link', { name: 'Copy an old part' }).click();
  await page.getByLabel('Larger diameter').fill('23.6');
  await page.getByLabel('Smaller diameter').fill('20.087');
  await page.getByLabel('Distance between them').fill('70');
  await expect(page.getByText('No. 3 Morse.', { exact: true })).toBeVisible();
  await expect(page.locator('.figures')).toContainText('Most of the ± comes from');

  // The same part with blunter tools: named, but not told apart, and what would decide.
  for (const box of ['Larger diameter', 'Smaller diameter']) {
    const one = page.locator('.one', { has: page.getByLabel(box) });
    await one.locator('.v-select').click();
    await page.getByRole('option', { name: 'Dial caliper' }).nth(0).click();
    await expect(one.locator('.v-select')).toContainText('Dial caliper');
  }
  await expect(page.getByText(/Most like .*, but not told from the next/)).toBeVisible();
  await expect(page.locator('.notice')).toContainText('To tell them apart, measure each diameter to ±');
  await page.getByLabel('Smaller diameter').fill('24');
  await expect(page.getByText('The smaller diameter is not smaller than the larger one.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Smaller diameter')).toHaveValue('24 mm');
});

test('a socket is copied by two balls, a shank over rollers, and saved as a taper of our own', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/identify`);
  await page.getByRole('button', { name: 'Two balls in a bore' }).click();
  // A 1:12 socket, 38 mm at its mouth.
  await page.getByLabel('Large ball', { exact: true }).fill('36');
  await page.getByLabel('Small ball', { exact: true }).fill('34');
  await page.getByLabel(/Face to the large ball/).fill('5.6252');
  await page.getByLabel('Face to the small ball').fill('30.6461');
  await expect(page.locator('.figures')).toContainText('1:12');
  await expect(page.getByRole('row', { name: /1:12/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Over two rollers' }).click();
  await page.getByLabel('Rollers', { exact: true }).fill('10');
  await page.getByLabel('Over them on the plate').fill('40.254');
  await page.getByLabel('Over them raised').fill('39');
  await expect(page.getByText(/Still missing|The answer appears/)).toBeVisible();
  await page.getByLabel(/Raised by/).fill('60');
  await expect(page.getByText(/is it standing on its small end/)).toBeVisible();
  await page.getByLabel('Over them raised').fill('43.254');
  await expect(page.locator('.figures')).toContainText('1:20');
  await accessible(page, 'copying an old part');
  await page.getByRole('button', { name: 'Save it as our own taper' }).click();
  const form = page.getByRole('dialog', { name: 'A taper of our own' });
  await form.getByLabel('Name').fill('Bench pin');
  await form.getByLabel('or half angle').fill('3');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(form.getByText(/does not make that ratio/).first()).toBeVisible();
  await form.getByLabel('or half angle').fill('');
  await form.getByLabel('Gauge line to small end').fill('50 mm');
  await form.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Bench pin' })).toBeVisible();
  await page.getByRole('button', { name: 'Use in a job' }).click();
  await page
    .getByRole('dialog', { name: 'New job' })
    .getByRole('button', { name: 'Put it on the rack' })
    .click();
  await expect(page.getByRole('region', { name: 'The taper worked out' })).toContainText('1:20');
});

test('the quick line answers at once and hands its figure to the reading bar', async ({ page, shop }) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/set`);
  await expect(page.getByText('Reading at 75 mm')).toBeVisible();
  await page.keyboard.press('/');
  const line = page.getByLabel('Quick sum', { exact: true }).and(page.locator('input'));
  await expect(line).toBeFocused();
  await line.fill('set over 180 at mt2');
  await expect(page.locator('.quick')).toContainText('4.494');
  await line.fill('mt 99');
  await expect(page.locator('.quick .error')).toContainText('there is no size 99');
  await line.fill('74 thou + 0.013 mm');
  await expect(page.locator('.quick')).toContainText('1.8926');
  await accessible(page, 'quick sum');
  await line.press('Enter');
  await expect(bar.input).toBeFocused();
  await expect(page.locator('#reading-remark')).toContainText('0.010 mm over');
  await bar.input.press('Enter');
  await expect(page.locator('.nudge')).toContainText('mm');
});

test('tapers are found by what people call them, in the tables and in the picker', async ({ page, shop }) => {
  await page.goto(`${shop.address}/tapers`);
  const find = page.getByLabel(/^Find/);
  const tables = page.getByRole('region', { name: 'The tables' });
  for (const [typed, size] of [
    ['4 mt', 'No. 4 Morse'],
    ['iso 40', '7:24 No. 40'],
    ['bs9', 'No. 9 Brown and Sharpe'],
    ['din 2080', '7:24 No. 50'],
  ] as const) {
    await find.fill(typed);
    await expect(tables.getByRole('link', { name: size, exact: true }).first()).toBeVisible();
    await expect(tables.getByRole('link', { name: 'Taper pin 8', exact: true })).toHaveCount(0);
  }
  await find.fill('morse 40');
  await expect(page.getByText('these are near', { exact: false })).toBeVisible();
  await find.fill('qqqq');
  await expect(page.getByText('save it as our own', { exact: false })).toBeVisible();

  await lead(page, '/job/j-101/part');
  const picker = page.getByRole('combobox', { name: 'From the tables' }).first();
  await picker.click();
  await picker.fill('40 taper');
  await page.getByRole('option', { name: '7:24 No. 40' }).click();
  await expect(picker).toHaveValue(/7:24 No\. 40/);
});

test('a taper’s card is printed, and its square leads back to it', async ({ page, shop }) => {
  await page.goto(`${shop.address}/tapers/morse-iso/3`);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Card, PDF' }).click();
  const card = await PDFDocument.load(readFileSync(await (await download).path()));
  expect([card.getPageCount(), card.getTitle()]).toEqual([1, 'No. 3 Morse Morse, metric table']);
});
