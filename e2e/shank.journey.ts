import { accessible } from './accessible';
import { Bar, choose, expect, jobOnServer, test, toView, lead } from './shop';

test('J-101 from the rack to a proved fit and on to the next piece', async ({ page, shop }) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/rack`);
  await page.getByRole('link', { name: /J-101/ }).click();
  await expect(page).toHaveURL(/\/job\/j-101\/set$/);

  // Part: the strip follows the figures; what disagrees is said at the field with its size.
  await page.getByRole('link', { name: 'Part' }).click();
  await expect(page.getByRole('region', { name: 'The taper worked out' })).toContainText('1°26′16″');
  const small = page.getByLabel('Small diameter', { exact: true });
  await small.fill('19.8');
  await expect(page.getByText(/disagree by 0\.0409\s*mm on diameter/)).toBeVisible();
  await small.fill('');
  await expect(page.getByText(/disagree by/)).toBeHidden();

  // Way: three weighed, one recommended for its reason, the choice kept.
  await page.getByRole('link', { name: 'Way' }).click();
  await expect(page.getByText('The bar still stands at')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Compound slide' })).toBeVisible();
  await bar.does('On to Set');

  // Set: the third station, then the nudge the three ask for, then a second try that is in band.
  await expect(page.getByText('Reading at 75 mm')).toBeVisible();
  await bar.input.fill('1.893');
  await expect(page.locator('#reading-remark')).toContainText('0.011 mm over');
  await bar.keep('1.893 mm');
  await expect(page.locator('.nudge')).toContainText('0.026');
  await expect(page.locator('.nudge')).toContainText('toward you');
  await expect(page.getByText('Too steep by 29″')).toBeVisible();
  await bar.does('Nudged, read again');
  await bar.keep('.627');
  await bar.keep('1.255');
  await bar.keep('74.1 thou');
  await expect(page.getByText('Every station is inside its band.')).toBeVisible();
  await bar.does('Keep this setting');
  for (const card of [
    'Snug the two lock screws',
    /Feed in with the compound/,
    'Set the tool to centre height',
  ]) {
    await expect(page.getByRole('heading', { name: card })).toBeVisible();
    await bar.does('Done');
  }
  await bar.does('On to Cut');

  // Cut: each pass by the dial, last stock in three equal cuts, the allowance kept on.
  await expect(page.getByRole('heading', { name: /Pass 1: feed the dial to/ })).toBeVisible();
  await expect(page.locator('.card .big')).toContainText('1.50');
  for (let pass = 1; pass <= 6; pass++) {
    await expect(page.getByRole('heading', { name: `Pass ${pass}:` })).toBeVisible();
    await bar.does('Cut it');
  }
  // Again at the same figure, until nothing springs any more.
  await expect(page.getByRole('heading', { name: /At the finish allowance.*twice/ })).toBeVisible();
  await bar.does('Cut again');
  await expect(page.getByRole('heading', { name: /At the finish allowance.*once/ })).toBeVisible();
  await bar.does('Cut again');
  await expect(page.getByRole('heading', { name: 'At the finish allowance', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'I measured it' }).click();
  await bar.keep('19.93');
  await expect(page.locator('.card')).toContainText('0.17');
  await page.getByRole('button', { name: 'Try it now' }).click();
  await expect(page).toHaveURL(/prove$/);

  // Prove: stand-off to stock on the dial, contact to cause; then at the line and accepted.
  await bar.keep('3.2 mm');
  await expect(page.locator('.card')).toContainText('0.161');
  const fed = Number((await page.locator('.card .big').innerText()).replace(/[^\d.]/g, ''));
  expect(fed).toBeGreaterThan(0);
  expect(fed).toBeLessThan(0.161);
  await expect(page.getByRole('region', { name: 'The way to the line' })).toContainText('nine times in ten');
  await page.getByRole('button', { name: 'large end', exact: true }).click();
  await expect(page.getByText('The shank is too steep.')).toBeVisible();
  await page.getByRole('button', { name: /Clock the swing/ }).click();
  await bar.keep('0.01');
  await expect(page.locator('.side .nudge')).toContainText('mm');
  await page.getByRole('button', { name: 'all along' }).click();
  await expect(page.getByText('The angle is right.')).toBeVisible();
  await page.getByRole('button', { name: /keep the pass/ }).click();
  await bar.keep('0.1');
  await expect(
    page.getByText('It can be accepted', { exact: false }).or(page.getByText('it can be accepted')),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Accept it' }).click();

  // Record: all of it in order, the lathe's setting proved, the next piece with the settings carried over.
  await expect(page).toHaveURL(/record$/);
  await expect(page.getByText('Accepted', { exact: true })).toBeVisible();
  await expect(page.getByText('piece 1 fitted its mate', { exact: false })).toHaveCount(0);
  await expect(page.getByText(/bar still at/).first()).toBeVisible();
  await bar.does('Start piece 2');
  await expect(page).toHaveURL(/cut$/);
  await expect(page.getByText('piece 2 of 3')).toBeVisible();
  await page.getByRole('link', { name: 'Set' }).click();
  await expect(page.getByText('Carried over from piece 1')).toBeVisible();

  await expect.poll(async () => (await jobOnServer(shop, 'j-101')).records.length).toBe(30);
  const { records } = await jobOnServer(shop, 'j-101');
  expect(records.every((r) => r.operator === 'RK')).toBe(true);
  expect(records.map((r) => r.body.kind)).toEqual([
    'step',
    'reading',
    'reading',
    'reading',
    'nudge',
    'reading',
    'reading',
    'reading',
    'setting-kept',
    'step',
    'step',
    'step',
    'pass',
    'pass',
    'pass',
    'pass',
    'pass',
    'pass',
    'pass',
    'pass',
    'measured',
    'stand-off',
    'contact',
    'contact',
    'contact',
    'pass',
    'pass',
    'stand-off',
    'verdict',
    'piece',
  ]);
  const machine = await (await fetch(`${shop.address}/api/machines/long-lathe`)).json();
  expect(machine.settings.find((s: { device: string }) => s.device === 'attachment')).toMatchObject({
    jobNumber: 'J-101',
    how: 'piece 1 fitted its mate',
  });
});

test('nothing is lost by a reload, the back button or a deep link, half-typed figures included', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/set`);
  await bar.input.fill('1.89 and');
  await page.reload();
  await expect(bar.input).toHaveValue('1.89 and');
  await expect(page.locator('#reading-remark')).toContainText('“and” is not a unit known here');
  await page.getByRole('link', { name: 'Part' }).click();
  const length = page.getByLabel('Length', { exact: true });
  await length.fill('86 mm + quatsch');
  const pieces = page.getByLabel('How many');
  await pieces.fill('2 or 3');
  await page.reload();
  await expect(length).toHaveValue('86 mm + quatsch');
  await expect(pieces).toHaveValue('2 or 3');
  await expect(page.getByText('A whole number from 1 to 200.')).toBeVisible();
  await expect(page.getByText(/not a unit known here|Understood/)).toBeVisible();
  await length.fill('3.5 in');
  await expect(page.getByText('reads 88.900 mm')).toBeVisible();
  await page.goBack();
  await expect(page).toHaveURL(/set$/);
  await expect(bar.input).toHaveValue('1.89 and');
  await page.goForward();
  await page.reload();
  await expect(length).toHaveValue('3.5 in');
  await expect
    .poll(async () => JSON.stringify((await jobOnServer(shop, 'j-101')).job.document))
    .toContain('"typed":"3.5 in"');
});

test('a change upstream makes what follows ask to be looked at again', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-102/part`);
  await page.getByLabel('Taper on diameter').fill('1:10');
  await expect(page.getByRole('link', { name: /Set check again/ })).toBeVisible();
  await page.getByRole('link', { name: /Way/ }).click();
  await expect(page.getByText('Choose again', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Use this way' }).first().click();
  await page.getByRole('link', { name: /Set/ }).click();
  await expect(page.getByText('The setting kept before was')).toBeVisible();
});

test('both unit systems and both themes, and the other lathe changes what is possible', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  await page.getByRole('button', { name: 'inch', exact: true }).click();
  await expect(page.locator('.card .big')).toContainText('0.07411');
  await page.keyboard.press('Escape');
  await page.keyboard.press('d');
  await expect(page.locator('.v-theme--dark').first()).toBeVisible();
  await page.getByRole('link', { name: 'Part' }).click();
  await choose(page, 'Lathe', 'Short lathe');
  await page.getByRole('link', { name: /Way/ }).click();
  await expect(page.getByText('Short lathe has no taper attachment.')).toBeVisible();
  await expect(page.getByText(/The slide is .* short of the cone/).first()).toBeVisible();
  await accessible(page, 'way, dark, inch');
});

test('a new job is built from its first figure, and a scrapped piece keeps its cause', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/rack`);
  await page.getByRole('link', { name: 'New job' }).click();
  await expect(page.getByLabel('Number')).toHaveValue('J-113');
  await page.getByLabel('Number').fill('J-101');
  await page.getByLabel('What it is').fill('Sleeve, No. 2 Morse');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page.getByText(/Job J-101 already exists/)).toBeVisible();
  await page.getByLabel('Number').fill('J-113');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page.getByRole('heading', { name: 'Sleeve, No. 2 Morse' })).toBeVisible();
  await page.getByRole('button', { name: 'Add a feature' }).click();
  await page.getByText('Taper', { exact: true }).click();
  await choose(page, 'From the tables', 'No. 2 Morse, metric table');
  await expect(page.getByRole('region', { name: 'The taper worked out' })).toContainText('1°25′50″');
  await expect(page.getByRole('button', { name: 'No. 2 Morse', exact: true }).first()).toBeVisible();
  await page.getByRole('link', { name: 'Prove' }).click();
  await page.getByRole('button', { name: 'Scrap', exact: true }).click();
  await page.getByRole('button', { name: 'Record as scrap' }).click();
  await expect(page.getByText('Say what caused it', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Slipped in the chuck' }).click();
  await page.getByRole('button', { name: 'Record as scrap' }).click();
  await expect(page.getByText('Scrap: Slipped in the chuck')).toBeVisible();
  await lead(page, '/rack');
  await expect(page.getByRole('link', { name: /J-113/ })).toContainText('Scrapped');
});

test('typing slips are said and break nothing: a wild reading, a wild swing, a stock in metres', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/set`);
  await bar.keep('9999');
  await expect(page.getByText('Look for a loose gib', { exact: false })).toBeVisible();
  await toView(page, 'Prove');
  await bar.input.fill('99999');
  await bar.input.press('Enter');
  await expect(page.locator('#reading-remark')).toContainText('further than the whole taper is long');
  await expect(bar.input).toHaveValue('99999');
  await bar.input.fill('');
  await page.getByRole('button', { name: 'large end', exact: true }).click();
  await page.getByRole('button', { name: /Clock the swing/ }).click();
  await bar.input.fill('50');
  await bar.input.press('Enter');
  await expect(page.locator('#reading-remark')).toContainText('more than the whole taper');
  await expect(bar.input).toHaveValue('50');
  await page.getByRole('link', { name: 'Cut' }).click();
  await page.getByLabel('Stock at the small end, diameter').fill('25 m');
  await expect(page.getByText('roughing passes for', { exact: false })).toBeVisible();
});
