import { accessible } from './accessible';
import { Bar, expect, test, lead } from './shop';

test('the logbook: what was kept is found by words, kind and who, and leads to where it was kept', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/rack`);
  await page.getByRole('link', { name: 'Logbook' }).click();
  const rows = page.getByRole('list', { name: 'What was kept, newest first' }).getByRole('listitem');
  await expect(rows.first()).toBeVisible();
  await accessible(page, 'the logbook');
  const before = await rows.count();
  await page.getByRole('button', { name: 'Show older' }).click();
  await expect.poll(() => rows.count()).toBeGreaterThan(before);

  await page.getByRole('textbox', { name: /^Words/ }).fill('J-110');
  await expect(rows.first()).toContainText('Collet holder');
  await expect(page).toHaveURL(/words=J-110/);
  await page.getByRole('textbox', { name: 'Keep this search as' }).fill('Collet holder');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Collet holder', exact: true })).toBeVisible();

  // It leads to the place in its job, and back to the same question.
  await rows.first().getByRole('link').click();
  await expect(page).toHaveURL(/\/job\/j-110\//);
  await page.goBack();
  await expect(page.getByRole('textbox', { name: /^Words/ })).toHaveValue('J-110');
  await expect(rows.first()).toContainText('Collet holder');

  // What is kept now is there at once when it is looked at again.
  await lead(page, '/job/j-101/set');
  await new Bar(page).keep('1.883');
  await lead(page, '/log');
  await expect(rows.first()).toContainText('1.883');
  await page.getByRole('button', { name: 'Collet holder', exact: true }).click();
  await expect(rows.first()).toContainText('Collet holder');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'CSV' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('logbook.csv');
});

test('what was lost is told by its cause, with the card that would have caught it', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/log`);
  await page.getByRole('link', { name: 'What was lost' }).click();
  const causes = page.getByRole('list', { name: 'What it was lost by, dearest first' });
  await expect(causes.getByRole('button').first()).toContainText('Lash taken up the wrong way');
  await causes.getByRole('button', { name: /Went past its line/ }).click();
  await expect(causes.getByText('One cut too deep', { exact: false })).toBeVisible();
  await accessible(page, 'what was lost');
  await causes.getByRole('link', { name: 'The card, in J-109' }).click();
  await expect(page).toHaveURL(/\/job\/j-109\/prove/);
});
