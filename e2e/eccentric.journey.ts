import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, type Shop, toView } from './shop';

const bodies = async (shop: Shop, kind: string): Promise<Record<string, unknown>[]> =>
  (await jobOnServer(shop, 'j-103')).records.filter((r) => r.body.kind === kind).map((r) => r.body);

/** The bore's diameter as the server has it: what was typed is saved. */
const boreOnServer = async (shop: Shop): Promise<number | undefined> =>
  (await jobOnServer(shop, 'j-103')).job.document.features.find((f) => f.name === 'Bore')?.diameter?.value;

/** What the needle shows at the four jaws of work whose axis stands at (x, y). */
const shown = (x: number, y: number): Readonly<Record<number, string>> => ({
  1: (x + 0.2).toFixed(3),
  2: (y + 0.2).toFixed(3),
  3: (0.2 - x).toFixed(3),
  4: (0.2 - y).toFixed(3),
});

test('J-103 in the four-jaw: from the throw to a proved eccentric, and what a larger shaft would undo', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-103/part`);
  const figures = page.getByRole('region', { name: 'The eccentric' });
  await expect(figures).toContainText('9.500');
  await expect(figures).toContainText('20.021');
  // A throw that breaks the bore out is said at once; the slip is undone by typing the figure again.
  await page.getByLabel('Throw', { exact: true }).fill('16.4');
  await expect(figures).toContainText('it springs when it is bored');
  await page.getByLabel('Throw', { exact: true }).fill('4.75 mm');
  await page.getByLabel('or the whole travel').fill('9 mm');
  await expect(page.getByText('The travel is twice the throw').first()).toBeVisible();
  await page.getByLabel('or the whole travel').fill('');
  await expect(page.getByText('The travel is twice the throw')).toHaveCount(0);
  await accessible(page, 'eccentric, part');

  await toView(page, 'Way');
  await expect(page.getByRole('article', { name: 'Four-jaw, dialled in' })).toContainText('recommended');
  await expect(page.getByRole('region', { name: 'What will not work here' })).toContainText('bored through');
  await accessible(page, 'eccentric, way');
  await bar.does('On to Set');

  // Live from the first two jaws on; moved as told it comes right.
  await expect(page.getByText('read the high side bare')).toBeVisible();
  const off = shown(3.9, 0.6);
  await bar.keep(off[1]!);
  await bar.keep(off[3]!);
  await expect(page.getByText(/the other two jaws are still to be read/)).toBeVisible();
  await bar.keep(off[2]!);
  await bar.keep(off[4]!);
  const moves = page.locator('.moves');
  await expect(moves).toContainText(/jaw 1: loosen 0\.850/);
  await expect(moves).toContainText(/jaw 4: loosen 0\.600/);
  await accessible(page, 'eccentric, dialling in');
  await bar.does('Keep this try');
  for (const jaw of [1, 3, 2, 4]) await bar.keep(shown(4.752, 0.004)[jaw]!);
  await expect(page.getByRole('heading', { name: 'The throw is right' })).toBeVisible();
  await bar.does('Keep this try');
  await expect
    .poll(async () => (await bodies(shop, 'thrown')).map((b) => b['inside']))
    .toEqual([false, false, false, true]);
  await bar.does('On to Cut');

  const cut = page.getByRole('region', { name: 'Cutting at the throw' });
  await expect(cut).toContainText('swing it right round by hand');
  await page.getByLabel('Axis to the tool, drawn back').fill('30');
  await expect(cut).toContainText('it strikes');
  await page.getByLabel('Axis to the tool, drawn back').fill('45');
  await expect(cut).not.toContainText('it strikes');
  await cut.getByText('Pull at each speed').click();
  await expect(cut).toContainText('too fast');
  await page.getByLabel('Counterweight sits at a radius of').fill('70');
  await expect(page.getByRole('complementary').last()).toContainText(/runs\s+still/);
  await page.getByLabel('Grooving tool, width').fill('8');
  await expect(cut).toContainText('is wider than the groove');
  await page.getByLabel('Grooving tool, width').fill('3 mm');
  const row = cut.getByRole('row').filter({ hasText: 'Groove 1' });
  await expect(row).toContainText(/6\.00\s*mm \+ 3\.00\s*mm/);
  await expect(row).toContainText(/9\.00\s*mm.*12\.00\s*mm/);
  await expect(cut.getByRole('row').filter({ hasText: 'Part off' })).toContainText('36.50');
  await accessible(page, 'eccentric, cut');
  await page.getByRole('button', { name: 'It is bored' }).click();
  await cut.getByRole('link', { name: 'On to Prove' }).click();

  await bar.keep('9.52');
  await bar.keep('9.43');
  await expect(page.getByText(/It leans/)).toBeVisible();
  await page.getByRole('button', { name: 'read again' }).last().click();
  await bar.keep('9.515');
  await expect(page.getByRole('heading', { name: 'The travel is right' })).toBeVisible();
  await expect(page.getByText('Both stations agree')).toBeVisible();
  await accessible(page, 'eccentric, prove');

  // The shaft turns out to be 22: what stands and what does not is said; put back, all of it stands.
  await toView(page, 'Part');
  await page.getByRole('button', { name: /^Bore/ }).first().click();
  await page.getByLabel('Diameter', { exact: true }).fill('22 mm');
  await expect.poll(() => boreOnServer(shop)).toBe(22);
  await toView(page, 'Prove');
  await expect(page.getByText('The bore can be opened out at the same setting')).toBeVisible();
  await expect(page.getByText('The throw that was dialled in can be kept.')).toBeVisible();
  await toView(page, 'Part');
  await page.getByRole('button', { name: /^Bore/ }).first().click();
  await page.getByLabel('Diameter', { exact: true }).fill('20 mm');
  await expect.poll(() => boreOnServer(shop)).toBe(20);
  await toView(page, 'Prove');
  await expect(page.getByText('Everything made so far agrees')).toBeVisible();
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect(page).toHaveURL(/record$/);
  await expect(page.getByText(/Travel at the far end/).first()).toBeVisible();
});

test('J-103 with one jaw packed: made, read, corrected by one and a half times the error', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-103/way`);
  await page
    .getByRole('article', { name: 'Three-jaw, one jaw packed' })
    .getByRole('button', { name: 'Choose it' })
    .click();
  await new Bar(page).does('On to Set');
  const packing = page.getByRole('region', { name: 'Packing one jaw' });
  await expect(packing.locator('.big')).toContainText('6.81');
  await packing.getByRole('button', { name: 'Wide, flat jaws' }).click();
  await expect(packing.locator('.big')).toContainText('7.13');
  await packing.getByRole('button', { name: 'Narrow jaws', exact: true }).click();
  await packing.getByLabel('Packing as made').fill('80');
  await expect(packing).toContainText('throws the work out of the jaws');
  await packing.getByLabel('Packing as made').fill('6.8 mm');
  await packing.getByLabel('Whole swing read').fill('9.3');
  await expect(packing.getByRole('status')).toContainText(/Next packing 6\.950/);
  await packing.getByRole('button', { name: 'Keep this reading' }).click();
  await packing.getByLabel('Packing as made').fill('6.95 mm');
  await packing.getByLabel('Whole swing read').fill('9.49');
  await expect(packing.getByRole('status')).toContainText('That is right.');
  await packing.getByRole('button', { name: 'Keep this reading' }).click();
  await expect.poll(async () => (await bodies(shop, 'thrown')).at(-1)?.['inside']).toBe(true);
  await accessible(page, 'eccentric, packing');

  // Marked out on this lathe's inch dial, and by the highest and the lowest instead of the jaws.
  await page.getByRole('button', { name: 'Mark it out' }).click();
  await expect(
    page.getByText('On the dial', { exact: false }).or(page.getByText('Dial, reads radius')),
  ).toBeVisible();
  await expect(page.locator('.big').first()).toContainText('0.187');
  await page.getByRole('button', { name: 'Dial it in' }).click();
  await page.getByRole('button', { name: 'Highest and lowest' }).click();
  await page.getByLabel('Highest reading').fill('4.7');
  await page.getByLabel('at, from jaw 1').first().fill('2');
  await page.getByLabel('Lowest reading').fill('-4.7');
  await page.getByLabel('at, from jaw 1').last().fill('100');
  await expect(page.getByText('should lie opposite the highest')).toBeVisible();
  await page.getByLabel('at, from jaw 1').last().fill('182');
  await expect(page.locator('.card .big')).toContainText('9.400');

  // A valve eccentric: keyed ahead of the crank, behind it through a rocking lever, refused where the laps exceed the throw.
  await page.getByRole('button', { name: 'Valve motion' }).click();
  const valve = page.getByRole('region', { name: 'Valve motion' });
  await expect(valve).toContainText('Ahead of the crank');
  await expect(valve.getByRole('img', { name: 'Valve against crank over one turn' })).toBeVisible();
  await page.getByRole('button', { name: 'Rocking lever' }).click();
  await expect(valve).toContainText('Behind the crank');
  await page.getByLabel('Lap', { exact: true }).fill('5');
  await expect(page.getByText(/more than the throw/)).toBeVisible();
  await page.getByLabel('Lap', { exact: true }).fill('2');
  await valve.getByRole('button', { name: 'Stand still' }).click();
  await accessible(page, 'eccentric, valve');
});

test('two throws on one shaft: centres for both, checked between them', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-103/part`);
  await page.getByRole('button', { name: 'Add a feature' }).click();
  await page
    .getByRole('menuitem', { name: 'Eccentric' })
    .or(page.getByText('Eccentric', { exact: true }).last())
    .first()
    .click();
  await page.getByLabel('Diameter', { exact: true }).fill('50 mm');
  await page.getByLabel('Length', { exact: true }).fill('12 mm');
  await page.getByLabel('Throw', { exact: true }).fill('6 mm');
  await page.getByLabel('High side at').fill('90');
  await page.getByLabel('High side at').blur();
  await toView(page, 'Set');
  await page.getByRole('button', { name: 'Offset centres' }).click();
  await expect(page.getByRole('main')).toContainText(/7\.65\s*mm between/);
  await expect(page.getByRole('row').filter({ hasText: 'Shaft' })).toBeVisible();
});
