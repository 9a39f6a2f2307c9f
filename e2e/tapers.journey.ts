import { accessible, Bar, expect, test } from './shop';

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
  await expect(page.getByLabel('Number')).toHaveValue('J-110');
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
  const uncertainty = page.getByLabel('Each diameter good to');
  await uncertainty.fill('2 µm');
  await expect(page.getByText('No. 3 Morse.', { exact: true })).toBeVisible();
  await uncertainty.fill('0.05');
  await expect(page.getByText(/Most like .*, but not told from the next/)).toBeVisible();
  await expect(page.locator('.notice')).toContainText('To tell them apart, measure each diameter to ±');
  await expect(page.locator('.notice')).toContainText('722');
  await page.getByLabel('Smaller diameter').fill('24');
  await expect(page.getByText('The small diameter is not smaller than the large one.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Smaller diameter')).toHaveValue('24 mm');
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
  await expect(page.locator('.quick .error')).toContainText('There is no size 99');
  await line.fill('74 thou + 0.013 mm');
  await expect(page.locator('.quick')).toContainText('1.8926');
  await accessible(page, 'quick sum');
  await line.press('Enter');
  await expect(bar.input).toBeFocused();
  await expect(page.locator('#reading-remark')).toContainText('0.010 mm over');
  await bar.input.press('Enter');
  await expect(page.locator('.nudge')).toContainText('mm');
});
