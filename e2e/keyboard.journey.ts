import { expect, jobOnServer, test } from './shop';

test('a shank set, cut and proved without touching the mouse', async ({ page, shop }) => {
  const press = (key: string) => page.keyboard.press(key);
  const type = async (text: string) => {
    await page.keyboard.type(text);
    await press('Enter');
  };
  const reading = page.locator('#reading');
  await page.goto(`${shop.address}/rack`);
  const card = page.getByRole('link', { name: /J-101/ });
  await expect(card).toBeVisible();
  for (let i = 0; i < 40 && !(await card.evaluate((el) => el === document.activeElement)); i++)
    await press('Tab');
  await press('Enter');
  await expect(page.getByText('Reading at 75 mm')).toBeVisible();

  await press('b');
  await expect(page.getByRole('dialog', { name: 'Across the shop' })).toContainText('1.882');
  await press('Escape');
  await expect(page.getByRole('dialog', { name: 'Across the shop' })).toBeHidden();
  await press('u');
  await expect(page.getByRole('button', { name: 'inch', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await press('u');

  await press('r');
  await type('1.893');
  await expect(page.locator('.nudge')).toContainText('0.026');
  const action = (name: string) => page.locator('form.bar').getByRole('button', { name });
  await expect(action('Nudged, read again')).toBeFocused();
  await press('Enter');
  await expect(page.getByText('Reading at 25 mm')).toBeVisible();
  await expect(reading).toBeFocused();
  await type('.627');
  await expect(page.getByText('Reading at 50 mm')).toBeVisible();
  await type('1.255');
  await expect(page.getByText('Reading at 75 mm')).toBeVisible();
  await type('1.882');
  await expect(action('Keep this setting')).toBeFocused();
  await press('Enter');
  for (const card of [
    'Snug the two lock screws',
    /Feed in with the compound/,
    'Set the tool to centre height',
  ]) {
    await expect(page.getByRole('heading', { name: card })).toBeVisible();
    await expect(action('Done')).toBeFocused();
    await press('Enter');
  }
  await expect(action('On to Cut')).toBeFocused();
  await press('Enter');
  await expect(page).toHaveURL(/cut$/);
  await expect(page.getByRole('heading', { name: 'Pass 1:' })).toBeVisible();
  // The bar may take the keyboard a moment after the stage is there: out of it first, then back by its key.
  await page.waitForTimeout(500);
  await press('Escape');
  await expect(reading).not.toBeFocused();
  await press('r');
  await expect(reading).toBeFocused();
  for (let pass = 1; pass <= 6; pass++) {
    await expect(page.getByRole('heading', { name: `Pass ${pass}:` })).toBeVisible();
    await expect(page.locator('form.bar')).toHaveAttribute('aria-busy', 'false');
    await press('Enter');
  }
  for (const left of [/twice$/, /once$/, /allowance$/]) {
    await expect(page.getByRole('heading', { name: left })).toBeVisible();
    await expect(page.locator('form.bar')).toHaveAttribute('aria-busy', 'false');
    await press('Enter');
  }
  await expect(page).toHaveURL(/prove$/);
  await expect(page.getByText('Feel for shake first.')).toBeVisible();
  await page.waitForTimeout(500);
  if (!(await reading.evaluate((el) => el === document.activeElement))) await press('r');
  await expect(reading).toBeFocused();
  await type('0.1');
  await expect(page.getByRole('heading', { name: 'It stands at its line' })).toBeVisible();
  const full = page.getByRole('button', { name: 'all along' });
  await full.focus();
  await press('Space');
  await expect(page.getByText('The angle is right.')).toBeVisible();
  const accept = page.getByRole('button', { name: 'Accept it' });
  await accept.focus();
  await press('Enter');
  await expect(page).toHaveURL(/record$/);
  await press('z');
  await expect(page.getByText('Accepted', { exact: true })).toHaveCount(1);
  await expect(page.getByText('taken back', { exact: true })).toBeVisible();
  await press('1');
  await expect(page).toHaveURL(/part$/);
  await press('g');
  await expect(page).toHaveURL(/rack$/);
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-101')).records.at(-1)?.body.kind)
    .toBe('withdrawn');
});
