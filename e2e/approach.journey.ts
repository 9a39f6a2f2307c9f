import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, lead } from './shop';

test('J-102: a bored hub brought to its plug by what the tool has shown, and the last foretelling checked', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-102/prove`);
  const way = page.getByRole('region', { name: 'The way to the line' });
  await expect(way).toContainText('So far this tool takes');
  await expect(way).toContainText('Last time: foretold');
  await expect(way.getByRole('img', { name: 'Stand-off against infeed' })).toBeVisible();
  const big = page.locator('.card .big');
  const figure = async (): Promise<number> => Number((await big.innerText()).replace(/[^\d.]/g, ''));
  const usual = await figure();
  await way.getByRole('button', { name: '1 in 500' }).click();
  await expect.poll(figure).toBeLessThanOrEqual(usual);
  await way.getByRole('button', { name: '1 in 20' }).click();
  await expect.poll(figure).toBeGreaterThanOrEqual(usual);
  await accessible(page, 'the way to the line');

  // Fed as advised, it lands where it was expected to; read wildly, that is said.
  await page.getByRole('button', { name: /keep the pass/ }).click();
  await bar.keep('0.2 mm');
  await expect(page.getByRole('heading', { name: 'It stands at its line' })).toBeVisible();
  await expect(way).toContainText('came 0.20');

  // Marked at the bottom and loose at the mouth: the bore is too steep, and the swing says by how much.
  await page.getByRole('button', { name: 'bottom', exact: true }).click();
  await page.getByRole('button', { name: 'loose at the mouth' }).click();
  const first = page.locator('.causes li').first();
  await expect(first).toContainText('The bore is too steep.');
  await expect(first).toContainText('For it: marked at the small end; loose at the large end');
  await page.getByRole('button', { name: 'loose at the bottom' }).click();
  await expect(page.getByText(/cannot both be: look again/).first()).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByText(/cannot both be: look again/)).toHaveCount(0);
  await page.getByRole('button', { name: 'one spot' }).click();
  await expect(page.getByText('To tell them apart:')).toBeVisible();
  await page.getByRole('button', { name: 'all along' }).click();
  await page.getByRole('button', { name: 'no shake' }).click();
  await page.getByRole('button', { name: 'sticks', exact: true }).click();
  await expect(page.locator('.causes li').first()).toContainText('The angle is right.');
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-102')).records.filter((r) => r.body.kind === 'felt').length)
    .toBe(4);
  // Driven up, the hub is checked against splitting, and told who decides.
  const drive = page.getByRole('region', { name: 'Driven up' });
  await drive.getByLabel('Driven on from where it seats').fill('0.6');
  await expect(drive).toContainText('0.050');
  await expect(drive).toContainText('a qualified person decides');
  await drive.getByLabel('Hub, outside').fill('20');
  await expect(drive).toContainText('no larger than its own bore');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect(page).toHaveURL(/record$/);
  await expect(page.getByText('No shake', { exact: true }).first()).toBeVisible();
});

test('a shank that goes past its band may be faced back, at a price that is said; too far is scrap', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/prove`);
  await bar.keep('2 mm');
  await page.getByRole('button', { name: /keep the pass/ }).click();
  await bar.keep('-0.6 mm');
  await expect(page.getByRole('heading', { name: 'Gone past its line' })).toBeVisible();
  await expect(page.getByText('Face back the shoulder above the cone.')).toBeVisible();
  await expect(page.getByText(/0\.35\s*mm at the least/).first()).toBeVisible();
  await bar.keep('-9 mm');
  await expect(page.getByText('Too far past to face back')).toBeVisible();
});

test('a tool that springs and stands too deep is drawn back before its spring pass', async ({
  page,
  shop,
}) => {
  const halfAngle = Math.atan(1 / 19.922 / 2);
  let at = Date.now() - 60_000;
  const keep = async (body: object): Promise<void> => {
    const data = {
      id: crypto.randomUUID(),
      jobId: 'j-101',
      piece: 1,
      at: new Date((at += 1000)).toISOString(),
      operator: 'RK',
      body,
    };
    expect((await page.request.post(`${shop.address}/api/records`, { data })).status()).toBe(201);
  };
  const tried = (stock: number, checked?: true): Promise<void> =>
    keep({
      kind: 'stand-off',
      seen: stock / Math.tan(halfAngle),
      halfAngle,
      diameterLeft: 2 * stock,
      typed: '',
      ...(checked ? { checked } : {}),
    });
  const left = [0.1322, 0.1012, 0.0567, 0.0082] as const;
  await tried(left[0], true);
  for (const stock of left.slice(1)) {
    await keep({ kind: 'pass', dialFrom: 24, dialTo: 23.9, planned: null, depth: 0.05, typed: '' });
    await tried(stock);
  }
  await page.goto(`${shop.address}/job/j-101/prove`);
  await expect(page.getByRole('heading', { name: /Draw the tool back this much/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'The way to the line' })).toContainText('well past the lash');
  await accessible(page, 'the tool drawn back');
  await page.getByRole('button', { name: /Drawn back \d+ divisions?: keep the pass/ }).click();
  await expect
    .poll(
      async () =>
        (await jobOnServer(shop, 'j-101')).records.filter((r) => r.body.kind === 'pass').at(-1)?.body,
    )
    .toMatchObject({ depth: expect.closeTo(-0.02, 3) as unknown });
});

test('work is trued in the four-jaw from as many readings as there are, and the tries are kept', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-103/cut`);
  await expect(page.getByText(/no taper|no angle|nothing to/i).first()).toBeVisible();
  await lead(page, '/job/j-102/cut');
  await page.getByRole('button', { name: 'Hold it true', exact: true }).click();
  const hold = page.getByRole('region', { name: 'Hold it true' });
  await hold.getByLabel('Jaw 1', { exact: true }).fill('0.2');
  await expect(hold).toContainText('Jaw 3, read next');
  await hold.getByLabel('Jaw 3, read next').fill('0');
  await expect(hold.getByRole('img', { name: /chuck seen from the tailstock/ })).toContainText('tighten 0.1');
  await hold.getByLabel('Jaw 2, read next').fill('0.05');
  await hold.getByLabel('Jaw 4, read next').fill('0.05');
  await expect(hold.locator('.big')).toContainText('0.200');
  await hold.getByRole('button', { name: 'Highs only' }).click();
  await expect(hold.getByRole('img', { name: /chuck/ })).not.toContainText('loosen');
  await accessible(page, 'holding it true');
  await hold.getByRole('button', { name: 'Keep this try and read again' }).click();
  for (const jaw of [1, 2, 3, 4]) await hold.getByLabel(new RegExp(`^Jaw ${jaw}`)).fill('0.001');
  await expect(hold).toContainText('True within');
  await hold.getByRole('button', { name: 'Keep this try and read again' }).click();
  await expect(hold).toContainText('Tries so far');
  await expect
    .poll(async () => (await jobOnServer(shop, 'j-102')).records.filter((r) => r.body.kind === 'held').length)
    .toBe(2);

  // Turned half round in its chuck: what stays is the spindle's, what turns with it is the piece's.
  await hold.getByRole('button', { name: 'Turned half round' }).click();
  for (const [name, seen] of [
    ['As it was, jaw 1', '0.08'],
    ['As it was, jaw 2', '0'],
    ['As it was, jaw 3', '-0.08'],
    ['As it was, jaw 4', '0'],
    ['Turned 180°, jaw 1', '-0.02'],
    ['Turned 180°, jaw 2', '0'],
    ['Turned 180°, jaw 3', '0.02'],
    ['Turned 180°, jaw 4', '0'],
  ] as const)
    await hold.getByLabel(name).fill(seen);
  await expect(hold).toContainText(/spindle’s own part: 0\.030\s*mm toward jaw 1/);
  await expect(hold).toContainText(/collet’s part: 0\.050\s*mm toward jaw 1/);
  await hold.getByRole('button', { name: 'Keep as a note' }).click();
});

test('before the first pass: what to drill from the set owned, and the handle’s pace to a beat', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-102/cut`);
  await expect(page.getByRole('region', { name: 'Drill first' })).toContainText('32.00');
  const pace = page.getByRole('region', { name: 'Pace of the handle' });
  await expect(pace).toContainText('7.5');
  await pace.getByRole('textbox').fill('600');
  await expect(pace).toContainText('15.0');
  await pace.getByRole('button', { name: 'Slower' }).click();
  await expect(pace.getByRole('textbox')).toHaveValue('590');
  await page.locator('h2').first().click();
  await page.keyboard.press('p');
  await expect(pace.getByRole('button', { name: /Stop/ })).toBeVisible();
  await pace.getByRole('textbox').fill('fast');
  await expect(pace).toContainText('as a number');
  await pace.getByRole('textbox').fill('300');
  await page.locator('h2').first().click();
  await page.keyboard.press('p');
  await expect(pace.getByRole('button', { name: /Beat/ })).toBeVisible();
  await accessible(page, 'cut, with drills and pace');
});
