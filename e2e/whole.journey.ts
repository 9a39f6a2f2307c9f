import type { Page } from '@playwright/test';
import { accessible } from './accessible';
import { Bar, choose, expect, jobOnServer, type Shop, test, toView, lead } from './shop';

type Kept = { piece: number; feature?: string; operation?: string; body: Record<string, unknown> };
const records = async (shop: Shop, id: string): Promise<Kept[]> =>
  (await jobOnServer(shop, id)).records as unknown as Kept[];
const document = async (shop: Shop, id: string) =>
  (await jobOnServer(shop, id)).job.document as unknown as {
    features: Record<string, unknown>[];
    work: Record<string, { mate?: string; mateJob?: { number: string; id: string } }>;
    batch?: string;
    harden?: { typed: string };
  };

/** Works one plain operation as its card says: cut, measured in the middle of what it may be, done. */
async function workThrough(
  page: Page,
  shop: Shop,
  of: { id: string; piece: number; operation: string },
): Promise<void> {
  const bar = new Bar(page);
  const form = page.locator('form.bar');
  const done = form.getByRole('button', { name: /^Done/ });
  const cut = form.getByRole('button', { name: 'Cut it' });
  await expect(form).toBeVisible();
  const worked = async (): Promise<boolean> =>
    (await records(shop, of.id)).some(
      (r) => r.piece === of.piece && r.operation === of.operation && r.body['kind'] === 'worked',
    );
  for (let press = 0; press < 40; press++) {
    if (await done.isVisible()) {
      await done.click();
      return void (await expect.poll(worked).toBe(true));
    }
    if (await cut.isVisible()) await cut.click();
    else if (await bar.input.isVisible()) await bar.keep(await middleOfLimits(page));
    await page.waitForTimeout(120);
  }
  throw new Error(`${of.operation} never came to its end.`);
}

/** What a diameter's card says it may be, and the middle of it. */
async function middleOfLimits(page: Page): Promise<string> {
  const text = (await page.locator('main.stage').textContent())!.replaceAll('\u00a0', ' ');
  const [, low, high] = /May be\s+([\d.]+) mm\s+to\s+([\d.]+) mm/.exec(text)!;
  return ((Number(low) + Number(high)) / 2).toFixed(3);
}

test('the collet holder from bar to proved piece, through every operation of both holdings', async ({
  page,
  shop,
}) => {
  test.setTimeout(300_000);
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-110/plan`);
  const line = page.locator('[data-operation]');
  await expect(line.first()).toBeVisible();
  const all = await line.evaluateAll((rows) => rows.map((row) => (row as HTMLElement).dataset['operation']!));
  expect(all.length).toBeGreaterThan(15);
  const proved: string[] = [];

  // The machinist goes on with whatever is next, until nothing of the piece is left.
  for (let step = 0; step < all.length; step++) {
    await toView(page, 'Plan');
    const on = page.getByRole('button', { name: /^Go on/ });
    await expect(on).toBeVisible();
    await on.click();
    await page.waitForURL(/\/(work|way|set|cut|prove|record)(\/|$)/);
    const place = new URL(page.url()).pathname;
    if (place.endsWith('/record')) break;
    const shape = /\/(way|set|cut|prove)\/(.+)$/.exec(place);
    if (shape) {
      // A shape has its own steps: it is tried in its mate, and accepted.
      await toView(page, 'Prove');
      await bar.keep('0.05');
      await expect
        .poll(async () => (await records(shop, 'j-110')).at(-1)?.operation)
        .toBe(`taper-${shape[2]}`);
      await page.getByRole('button', { name: 'Accept it' }).click();
      await expect.poll(async () => (await records(shop, 'j-110')).at(-1)?.body['kind']).toBe('verdict');
      proved.push(shape[2]!);
      continue;
    }
    const operation = place.split('/').at(-1)!;
    await expect(page.getByRole('heading', { name: 'Look first' })).toBeVisible();
    await expect(page.locator('.checks li').first()).toBeVisible();
    if (operation === 'mill-spanner-flats-1') {
      await expect(page.getByText('Depth of each, from the outside', { exact: false })).toBeVisible();
      await expect(page.getByText('Away from the lathe', { exact: false })).toBeVisible();
      await accessible(page, 'flats, away from the lathe');
    }
    await workThrough(page, shop, { id: 'j-110', piece: 3, operation });
  }
  expect(proved.sort()).toEqual(['no-3-morse-2', 'seat-1']);
  const kept = (await records(shop, 'j-110')).filter((r) => r.piece === 3);
  const done = new Set(kept.filter((r) => r.body['kind'] === 'worked').map((r) => r.operation));
  // What was done before the journey began on this piece is done too.
  for (const id of all.slice(all.indexOf('turn-nut-thread-1')))
    expect(done.has(id) || id.startsWith('taper-'), id).toBe(true);

  // Nothing of it is left but its verdict.
  await toView(page, 'Record');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect(page.getByRole('button', { name: /^Start piece 4/ }).first()).toBeVisible();
});

test('a batch worked holding by holding: the next piece is taken up where this one leaves off', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-111/plan`);
  const ways = page.getByRole('group', { name: 'How the batch is worked' });
  await expect(ways).toContainText('Piece by piece');
  await ways.getByRole('button', { name: /^Holding by holding/ }).click();
  await expect.poll(async () => (await document(shop, 'j-111')).batch).toBe('by-holding');
  await accessible(page, 'how a batch is worked');
  const first = page.getByRole('region', { name: /^Holding 1/ }).locator('[data-operation]');
  const ids = await first.evaluateAll((rows) =>
    rows.map((row) => (row as HTMLElement).dataset['operation']!),
  );
  await lead(page, `/job/j-111/work/${ids[0]}`);
  for (const id of ids) {
    // What is done leads to what comes next.
    await expect(page).toHaveURL(new RegExp(`/work/${id}$`));
    await workThrough(page, shop, { id: 'j-111', piece: 1, operation: id });
  }
  // Piece 2 begins with the first operation of the same holding.
  await expect(page).toHaveURL(new RegExp(`/work/${ids[0]}$`));
  await expect(page.getByText('piece 2 of 4')).toBeVisible();
  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByRole('button', { name: /^Go on/ })).toBeVisible();
  await bar.does(/^Go on/);
  await expect(page).toHaveURL(new RegExp(`/work/${ids[0]}$`));
});

test('what lies on a part: a chamfer, flats and a cross hole are drawn, planned, and refused where they cannot be', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-107/part`);
  const add = async (kind: string): Promise<void> => {
    await page.getByRole('button', { name: 'Add a feature' }).click();
    await page
      .getByRole('option', { name: kind })
      .or(page.getByRole('listitem').filter({ hasText: kind }))
      .last()
      .click();
  };
  const rows = page.getByRole('region', { name: 'Features along the axis' }).getByRole('listitem');
  await rows.first().getByRole('button').first().click();
  await add('Chamfer');
  await page.getByRole('textbox', { name: 'Along the axis' }).fill('1.5');
  await choose(page, 'Its corner toward', 'Headstock');
  await expect(rows.last()).toContainText('chamfer');
  await page.getByRole('textbox', { name: 'Along the axis' }).fill('900 mm');
  await expect(page.getByText('there is only', { exact: false })).toBeVisible();
  await page.getByRole('textbox', { name: 'Along the axis' }).fill('1.5 mm');
  await expect(page.getByText('there is only', { exact: false })).toHaveCount(0);
  await accessible(page, 'a chamfer on a feature');

  await add('Cross hole');
  await page.getByLabel('Diameter', { exact: true }).fill('5 mm');
  await page.getByLabel('From that face').fill('12 mm');
  await page.getByLabel('Hardened to, HRC, where it is').fill('58');
  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByRole('button', { name: /Chamfer 1\.50/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /Drill across/ })).toContainText('12.00');
  await expect(page.getByRole('button', { name: /Harden and temper to/ })).toContainText('58');
  await expect(page.getByText('Nothing as it stands.')).toBeVisible();
});

test('an operation is dragged to another place, and what that endangers is said', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-110/plan`);
  const first = page.getByRole('region', { name: /^Holding 1/ });
  const ids = (): Promise<string[]> =>
    first
      .locator('[data-operation]')
      .evaluateAll((rows) => rows.map((row) => (row as HTMLElement).dataset['operation']!));
  await expect(first.locator('[data-operation]').first()).toBeVisible();
  const before = await ids();
  const tap = before.findIndex((id) => id.startsWith('tap-'));
  const grip = async (index: number) =>
    (await first.locator('[data-operation] .grip').nth(index).boundingBox())!;
  const [from, to] = [await grip(tap), await grip(1)];
  await page.mouse.move(from.x + 10, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 12, from.y - 20, { steps: 4 });
  await page.mouse.move(to.x + 12, to.y + 6, { steps: 10 });
  await page.waitForTimeout(250);
  await page.mouse.up();
  await expect.poll(async () => (await ids())[1]).toBe(before[tap]);
  await expect(first).toContainText('A tap follows its drill, and there is no hole yet.');
  await page.getByRole('button', { name: 'Propose it again' }).click();
  await expect.poll(ids).toEqual(before);
});

test('a bore’s mate: a plug on the same setting, each told of the other', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-102/part`);
  await page.getByRole('link', { name: 'Make its mate' }).click();
  await expect(page.getByLabel('What it is')).toHaveValue(/^Plug for J-102/);
  await accessible(page, 'a mate about to be made');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page).toHaveURL(/\/way$/);
  const id = /job\/([^/]+)\//.exec(page.url())![1]!;
  const made = await document(shop, id);
  expect(Object.values(made.work)[0]!.mateJob).toMatchObject({ number: 'J-102', id: 'j-102' });
  await expect
    .poll(async () => Object.values((await document(shop, 'j-102')).work)[0]!.mateJob)
    .toMatchObject({ number: 'J-113', id });
  await page.getByRole('link', { name: 'Set', exact: false }).first().click();
  await page.getByRole('button', { name: /^Look first/ }).click();
  await expect(page.getByRole('region', { name: 'Look first' })).toContainText('the tool at the rear');
  await accessible(page, 'what to look at first');
});

test('a part begun from a drawing, and one as an earlier job', async ({ page, shop }) => {
  await page.goto(`${shop.address}/new`);
  await page.getByRole('button', { name: /^A drawing file/ }).click();
  const outline = 'M0 20 L0 1 L1 0 L30 0 L30 8 L70 10 L70 12 L90 12 L90 20';
  await page.locator('input[type=file]').setInputFiles({
    name: 'spigot.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="90mm" height="20mm" viewBox="0 0 90 20"><path d="${outline}" fill="none"/></svg>`,
    ),
  });
  await expect(page.getByText('4 features taken in', { exact: false })).toBeVisible();
  await expect(page.getByLabel('What it is')).toHaveValue('spigot');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page).toHaveURL(/\/way$/);
  const id = /job\/([^/]+)\//.exec(page.url())![1]!;
  expect((await document(shop, id)).features.map((f) => f['kind'])).toEqual([
    'cylinder',
    'taper',
    'cylinder',
    'chamfer',
  ]);

  await lead(page, '/new');
  await page.getByRole('button', { name: /^An earlier job/ }).click();
  await page.getByRole('textbox', { name: 'Find an earlier job' }).fill('flywheel');
  await page.getByRole('button', { name: /Flywheel hub bush/ }).click();
  await expect(page.getByLabel('What it is')).toHaveValue(/^Flywheel hub/);
  await accessible(page, 'begun as an earlier job');
  await page.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(page).toHaveURL(/\/way$/);
  const copy = /job\/([^/]+)\//.exec(page.url())![1]!;
  expect((await document(shop, copy)).features).toEqual((await document(shop, 'j-102')).features);
  expect(await records(shop, copy)).toEqual([]);
});
