import { readFile } from 'node:fs/promises';
import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, toView } from './shop';

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
  // The same points on the strip, pulled by the pointer: one pull is one thing to take back, and never breaks the curve.
  const strip = page.getByRole('group', { name: 'The part on the spindle axis' });
  const point = strip.getByRole('button', { name: /^Point 3/ });
  await expect(point).toBeVisible();
  const at = (await point.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2 - 30, { steps: 6 });
  await page.mouse.move(at.x - 2000, at.y, { steps: 3 });
  await page.mouse.up();
  await expect(page.getByLabel('Diameter there').nth(2)).not.toHaveValue(/^26/);
  await expect(page.getByText('An ogee this steep')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Diameter there').nth(2)).toHaveValue(/^26/);
  await page.getByLabel('2: along').fill('1 mm');
  await expect(page.getByText('An ogee this steep turns back on itself')).toBeVisible();
  await page.getByLabel('2: along').fill('16 mm');
  await expect(page.getByText('An ogee this steep')).toHaveCount(0);
  // Taken in from a file in inches, told what was left out, and undone.
  await page.getByText('Take it from a file, or save it as one').click();
  await page.getByLabel('Take in a DXF, SVG or CSV').setInputFiles({
    name: 'places.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('along,diameter\n0,18\nhere,14\n20,15\n40,22\n'),
  });
  await expect(page.getByText(/3 points taken in.\s*Left out: line 3/)).toBeVisible();
  await expect(page.getByLabel('Diameter there')).toHaveCount(3);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as DXF' }).click();
  expect(await readFile(await (await saved).path(), 'utf8')).toContain('ENTITIES');
  // A drawing with its own centre line, both halves and a curve in it, read in its own unit.
  await page.getByLabel('Take in a DXF, SVG or CSV').setInputFiles({
    name: 'handle.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" viewBox="0 0 100 60"><g id="centre"><path d="M0 30H90"/></g>
       <path d="M5 21H15C25 21 25 17 40 17A60 60 0 0 1 70 25"/><path d="M5 39H15"/><circle r="3"/></svg>`,
    ),
  });
  const files = page.locator('details').filter({ hasText: 'Take it from a file' });
  await expect(files).toContainText(/its centre line is the axis/);
  await expect(files).toContainText(/1 × circle/);
  await expect(files).toContainText(/1 below the axis/);
  await expect(page.getByLabel('Diameter there').first()).toHaveValue(/18/);
  await page.getByRole('button', { name: 'End for end' }).click();
  await expect(page.getByLabel('Diameter there').first()).toHaveValue(/10/);
  for (const _once of [1, 2, 3]) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Diameter there')).toHaveCount(5);
  await accessible(page, 'curve, part');

  await toView(page, 'Way');
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
  // Half-way the check points are read again: the dial is in inches, and so is what is typed for it.
  const midway = page.getByRole('article', { name: 'Half-way, has the paper crept' });
  await midway.getByLabel('Check 1, dial now').fill('0.360');
  await expect(midway).toContainText('cannot tell how far along');
  await midway.getByLabel('Check 2, dial now').fill('0.290');
  await midway.getByLabel('Check 3, dial now').fill('0.430');
  await expect(midway).toContainText('Stop, draw back');
  await midway.getByRole('button', { name: 'Keep what was found' }).click();
  await expect(midway.getByLabel('Check 1, dial now')).toHaveValue('');
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-104')).records.find((r) => r.body.kind === 'crept')?.body)
    .toMatchObject({ along: expect.any(Number) });
  await accessible(page, 'curve, drawing');
  await page.getByRole('button', { name: 'What the tool reaches' }).click();
  const path = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Path of the nose as CSV' }).click();
  const places = (await readFile(await (await path).path(), 'utf8')).trim().split('\n');
  expect(places.length).toBeGreaterThan(7000);

  await toView(page, 'Prove');
  const measured = page.getByLabel(/Along, diameter: one/);
  await measured.fill('0, 18\nsixteen, 14');
  await expect(page.getByText(/Line 2:/)).toBeVisible();
  await measured.fill('0, 18.05\n8, 16.04\n16, 14.05\n33, 20.05\n50, 26.04\n66, 19.06');
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
  await expect(steps.getByRole('heading').first()).toContainText('Step 1 of');
  const count = async (): Promise<number> =>
    Number(/of (\d+)/.exec(await steps.getByRole('heading').first().innerText())?.[1]);
  const fine = await count();
  await page.getByLabel('Ridges no higher than').fill('0.1 mm');
  await expect.poll(count).toBeLessThan(fine);
  await bar.does('Cut, next');
  await bar.does('Cut, next');
  await expect(steps.getByRole('heading').first()).toContainText('Step 3 of');
  await page.reload();
  await expect(steps.getByRole('heading').first()).toContainText('Step 3 of');
  await page.getByRole('button', { name: 'Back one' }).click();
  await expect(steps.getByRole('heading').first()).toContainText('Step 2 of');
  const wanted = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Table as CSV' }).click();
  const rows = (await readFile(await (await wanted).path(), 'utf8')).trim().split('\n');
  expect(rows[0]).toBe('step,along mm,across mm,ridge mm');
  expect(rows).toHaveLength((await count()) + 1);
  await expect(page.getByRole('img', { name: /The ridge between two cuts/ })).toBeVisible();
  const printed = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Table to print' }).click();
  expect((await readFile(await (await printed).path())).subarray(0, 5).toString()).toBe('%PDF-');
  // Ridges this high are filed before any cloth.
  await expect(steps).toContainText('Fine file, until the ridges just go');
  await expect(steps).toContainText(/Grit 120/);
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
  await expect(tool).toContainText('Turns a minute, no faster than');
  const drawn = page.waitForEvent('download');
  await tool.getByRole('button', { name: 'DXF' }).click();
  expect(await readFile(await (await drawn).path(), 'utf8')).toContain('PART');
  await accessible(page, 'form tool');
  await page.getByRole('button', { name: 'Hardening' }).click();
  await page.getByRole('button', { name: 'Oil hardening' }).click();
  await page.getByLabel('Thickest part of the tool').fill('10 mm');
  await expect(page.getByRole('region', { name: 'Hardening' })).toContainText(/Hold it there\s+5\s+minutes/);
  await page.getByLabel('Thickest part of the tool').fill('-1');
  await expect(page.getByText('The thickness must be more than zero.')).toBeVisible();
  await accessible(page, 'hardening');
  await toView(page, 'Cut');
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
  await cut.getByRole('group', { name: 'Second groove' }).getByLabel('Bottom measured').fill('26.24');
  await cut.getByLabel('From the first, side to side').fill('12.99');
  await expect(cut).toContainText('reground at Second groove');
  await cut.getByLabel('From the first, side to side').fill('12.8');
  await expect(cut).toContainText(/Land from First groove to Second groove\.\s+9\.59/);
  await cut.getByRole('button', { name: 'Keep this test cut' }).click();
  await accessible(page, 'test cut');
});

test('J-104 as one of a pair: both drawings from one datum, and the joint told from both halves measured', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-104/set`);
  await page.getByRole('button', { name: 'Plug and socket' }).click();
  const pair = page.getByRole('region', { name: 'Plug and socket' });
  await page.getByLabel('Clearance, square to the curve').fill('0.2 mm');
  await expect(pair.getByRole('row').nth(1)).toContainText(/18\.00.*18\.4/);
  const both = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Both drawings, PDF' }).click();
  expect((await readFile(await (await both).path())).subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByLabel('Clearance, square to the curve').fill('-1 mm');
  await expect(pair.getByText('less than zero').or(page.getByText('less than zero')).first()).toBeVisible();
  await page.getByLabel('Clearance, square to the curve').fill('0.2 mm');
  await accessible(page, 'plug and socket');

  await toView(page, 'Prove');
  await page.getByLabel(/Along, diameter: one/).fill('0, 18\n8, 16.02\n16, 14\n33, 20\n50, 26\n66, 19');
  const joint = page.getByRole('article', { name: 'The joint' });
  await joint.getByLabel('From a CSV').setInputFiles({
    name: 'socket.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('along,diameter\n1,18.4\n8,16.4\n16,14.4\n33,20.5\n50,26.4\n66,19.6\n'),
  });
  await expect(joint).toContainText('Tightest gap');
  await expect(joint.getByRole('img', { name: /The gap along the joint/ })).toBeVisible();
  await joint.getByLabel(/The socket/).fill('1,17.8\n8,15.8\n16,13.8\n33,19.8\n50,25.8\n66,18.9');
  await expect(joint).toContainText('Metal meets metal there');
  await joint.getByRole('button', { name: 'Keep the joint' }).click();
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-104')).records.find((r) => r.body.kind === 'joint')?.body)
    .toMatchObject({ clearance: 0.2 });
  await accessible(page, 'the joint');
  await toView(page, 'Record');
  await expect(page.getByText(/Joint measured at/)).toBeVisible();
});

test('a long profile: read in the background, called off, shown a page at a time, wrong points found', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-104/part`);
  await page.getByText('Take it from a file, or save it as one').click();
  const take = page.getByLabel('Take in a DXF, SVG or CSV');
  const waves = Array.from(
    { length: 6000 },
    (_, i) => `<path d="M${i} 5C${i + 0.3} 4 ${i + 0.6} 7 ${i + 1} 5"/>`,
  );
  await take.setInputFiles({
    name: 'scan.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="60mm" viewBox="0 0 6000 20">${waves.join('')}</svg>`,
    ),
  });
  await expect(page.getByRole('progressbar', { name: /How much of the file/ })).toBeVisible();
  await page.getByRole('button', { name: 'Call it off' }).click();
  await expect(page.getByText('Called off; nothing was changed.')).toBeVisible();
  await expect(page.getByLabel(/^\d+: along$/)).toHaveCount(5);

  const rows = Array.from({ length: 40 }, (_, i) => `${i},${20 + (i % 3)}`);
  await take.setInputFiles({ name: 'rows.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
  await expect(page.getByText('40 points taken in')).toBeVisible();
  await expect(page.getByText('Points 1 to 12 of 40')).toBeVisible();
  await accessible(page, 'a long profile');
  await page.getByRole('textbox', { name: 'Go to point' }).fill('30');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Points 25 to 36 of 40')).toBeVisible();
  // What is wrong on another page is said on this one, with the way there.
  await page.getByLabel('30: along').fill('3 mm');
  await expect(page.getByText('Each point must lie no nearer the headstock')).toBeVisible();
  await page.getByRole('button', { name: 'Points before these' }).click();
  await expect(page.getByText(/Point 30:\s+Each point must lie/)).toBeVisible();
  await page.getByRole('button', { name: 'Show it' }).click();
  await expect(page.getByLabel('30: along')).toHaveValue('3 mm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('30: along')).toHaveValue(/^29/);
  // What cannot be read is said at its box, and is still there after a reload.
  await page.getByLabel('30: along').fill('4 furlongs');
  await expect(page.getByText('“furlongs” is not a unit known here.')).toBeVisible();
  await page.reload();
  await page.getByRole('textbox', { name: 'Go to point' }).fill('30');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('30: along')).toHaveValue('4 furlongs');
});
