import { readFile } from 'node:fs/promises';
import { accessible, Bar, expect, jobOnServer, test } from './shop';

test('J-104: an ogee handle settled on its drawing, printed to follow, and proved where it was measured', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-104/part`);
  const curve = page.getByRole('group', { name: 'The curve; its points can be moved' });
  await expect(curve).toBeVisible();
  // A point moved by its handle and taken back; an ogee too steep is said at its point and kept.
  const handle = curve.getByRole('button', { name: /^Point 3/ });
  await handle.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Diameter there').nth(2)).toHaveValue(/27/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Diameter there').nth(2)).toHaveValue(/26/);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByLabel('Diameter there').nth(2)).toHaveValue(/27/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByLabel('2: along').fill('1 mm');
  await expect(page.getByText('An ogee this steep turns back on itself')).toBeVisible();
  await page.getByLabel('2: along').fill('16 mm');
  await expect(page.getByText('An ogee this steep')).toHaveCount(0);
  // Taken in from a file in inches, told what was left out, and undone.
  await page.getByText('Take it from a file, or save it as one').click();
  await page.getByLabel('Take in a DXF or CSV').setInputFiles({
    name: 'places.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('along,diameter\n0,18\nhere,14\n20,15\n40,22\n'),
  });
  await expect(page.getByText(/3 points taken in.\s*Left out: line 3/)).toBeVisible();
  await expect(page.getByLabel('Diameter there')).toHaveCount(3);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as DXF' }).click();
  expect(await readFile(await (await saved).path(), 'utf8')).toContain('ENTITIES');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Diameter there')).toHaveCount(5);
  await accessible(page, 'curve, part');

  await page.goto(`${shop.address}/job/j-104/way`);
  await page.getByRole('article', { name: 'Follow a full-size drawing' }).getByRole('button').click();
  await accessible(page, 'curve, way');
  await bar.does('On to Set');
  await expect(page.getByText('Stylus and nose keep company')).toBeVisible();
  await page.getByRole('button', { name: 'What the tool reaches' }).click();
  await expect(page.getByText('This tool reaches all of it.')).toBeVisible();
  await page.getByLabel('Nose of the tool, radius').fill('40 mm');
  await expect(page.getByRole('region', { name: 'What the tool reaches' })).toContainText(
    /hollow\s+is\s+tighter/,
  );
  await page.getByLabel('Nose of the tool, radius').fill('0.8 mm');
  await page.getByRole('button', { name: 'Drawing to follow' }).click();
  const wanted = page.waitForEvent('download');
  await page.getByRole('button', { name: /^PDF/ }).click();
  const file = await readFile(await (await wanted).path());
  expect(file.subarray(0, 5).toString()).toBe('%PDF-');
  await accessible(page, 'curve, drawing');

  await page.goto(`${shop.address}/job/j-104/prove`);
  const places = page.getByLabel(/Along, diameter/);
  await places.fill('0, 18\nsixteen, 14');
  await expect(page.getByText(/Line 2:/)).toBeVisible();
  await places.fill('0, 18.05\n8, 16.04\n16, 14.05\n33, 20.05\n50, 26.04\n66, 19.06');
  await expect(page.getByRole('heading', { name: 'Inside what is allowed' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-104')).records.find((r) => r.body.kind === 'curve')?.body)
    .toMatchObject({ places: 6, inside: true });
  await accessible(page, 'curve, prove');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect(page).toHaveURL(/record$/);
});

test('J-104 by two handles: fewer steps for a higher ridge, ticked off one by one, kept over a reload', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-104/cut`);
  const steps = page.getByRole('region', { name: 'Two-handle steps' });
  await expect(steps.getByRole('heading')).toContainText('Step 1 of');
  const count = async (): Promise<number> =>
    Number(/of (\d+)/.exec(await steps.getByRole('heading').innerText())?.[1]);
  const fine = await count();
  await page.getByLabel('Ridges no higher than').fill('0.1 mm');
  await expect.poll(count).toBeLessThan(fine);
  await bar.does('Cut, next');
  await bar.does('Cut, next');
  await expect(steps.getByRole('heading')).toContainText('Step 3 of');
  await page.reload();
  await expect(steps.getByRole('heading')).toContainText('Step 3 of');
  await page.getByRole('button', { name: 'Back one' }).click();
  await expect(steps.getByRole('heading')).toContainText('Step 2 of');
  const wanted = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Table as CSV' }).click();
  const rows = (await readFile(await (await wanted).path(), 'utf8')).trim().split('\n');
  expect(rows[0]).toBe('step,along mm,across mm,ridge mm');
  expect(rows).toHaveLength((await count()) + 1);
  await accessible(page, 'two-handle steps');
  await page.getByLabel('Ridges no higher than').fill('0.0000001 mm');
  await expect(page.getByText(/more than five thousand steps|reads/).first()).toBeVisible();
});

test('J-106: a form tool for two grooves, corrected, and its test cut judged groove by groove', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-106/way`);
  await expect(page.getByRole('article', { name: 'Form tool, 2 grooves at once' })).toContainText(
    'recommended',
  );
  await bar.does('Choose it');
  await bar.does('On to Set');
  const tool = page.getByRole('region', { name: 'Form tool' });
  await page.getByLabel('Rake').fill('12 deg');
  await expect(tool).toContainText(/Uncorrected it would leave up to\s+0\.[0-9]/);
  await page.getByRole('button', { name: 'Round disc' }).click();
  await page.getByLabel('Largest radius of the disc').fill('1 mm');
  await expect(page.getByText('The tool is too small to reach this deep.')).toBeVisible();
  await page.getByLabel('Largest radius of the disc').fill('30 mm');
  await expect(tool).toContainText('Radius of the disc');
  await accessible(page, 'form tool');
  await page.goto(`${shop.address}/job/j-106/cut`);
  const cut = page.getByRole('region', { name: 'Test cut' });
  for (const [name, width, bottom] of [
    ['First groove', '3.21', '26.2'],
    ['Second groove', '3.18', '26.24'],
  ] as const) {
    const groove = cut.getByRole('group', { name });
    await groove.getByLabel('Width measured').fill(width);
    await groove.getByLabel('Bottom measured').fill(bottom);
  }
  await expect(cut).toContainText('all of them come inside');
  await cut.getByRole('group', { name: 'Second groove' }).getByLabel('Bottom measured').fill('26.6');
  await expect(cut).toContainText('No one depth brings all of them inside');
  await cut.getByRole('button', { name: 'Keep this test cut' }).click();
  await accessible(page, 'test cut');
});
