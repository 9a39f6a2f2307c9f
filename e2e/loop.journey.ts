import { seeded } from '@anello/core/machine';
import { STEADY } from '../packages/core/src/infeed/approachKinds.testdata';
import { VirtualApproach } from '../packages/core/src/infeed/virtualApproach.testdata';
import type { Page } from '@playwright/test';
import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, type Shop, toView } from './shop';

/** Figures on the screen read as numbers, whatever unit stands after them. */
const figure = async (page: Page): Promise<number> =>
  Number((await page.locator('.card .big').first().innerText()).replace(/[^\d.]/g, ''));

/**
 * Feeds as advised on a lathe that springs, reading the stand-off after every pass, until it stands at its line. `left`
 * is what is still on, on diameter; the dial reads diameter.
 */
async function bringToLine(
  page: Page,
  bar: Bar,
  at: { left: number; ratio: number; seed: number },
): Promise<number> {
  const faults = { ...STEADY, spring: 0.12, wear: 0.001, scatter: 0.001, measuring: 0 };
  const lathe = new VirtualApproach(faults, seeded(at.seed), at.left / 2, true);
  const line = page.getByRole('heading', { name: 'It stands at its line' });
  const feedIt = page.getByRole('button', { name: /keep the pass/ });
  const held = page.getByRole('heading', { name: /Feed no more yet/ });
  for (let tries = 1; tries <= 9; tries++) {
    await expect(feedIt.or(held).or(line).first()).toBeVisible();
    if (await line.isVisible()) return tries;
    // Told to feed no more, the last of it is taken by hand with a strip of cloth.
    if (await held.isVisible()) {
      await bar.keep('0.05 mm');
      continue;
    }
    lathe.pass((await figure(page)) / 2);
    if (/cut twice/.test(await feedIt.innerText())) lathe.pass(0);
    await feedIt.click();
    await bar.keep(`${((2 * lathe.measure()) / at.ratio).toFixed(2)} mm`);
    await expect(page.getByRole('heading', { name: 'Gone past its line' })).toHaveCount(0);
  }
  return Infinity;
}

const verdicts = async (shop: Shop, id: string): Promise<unknown[]> =>
  (await jobOnServer(shop, id)).records
    .filter((r) => r.body.kind === 'verdict')
    .map((r) => [r.piece, r.body['verdict']]);

const lastOf = async (shop: Shop, id: string, kind: string): Promise<Record<string, unknown>> =>
  (await jobOnServer(shop, id)).records.filter((r) => r.body.kind === kind).at(-1)?.body ?? {};

test('the collet seat of J-107, sized on a ball, comes to its line; its thread and speeds beside it', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-107/prove`);
  // A size that cannot be found this way is said at its box and kept; a ball that rests in the seat reads on.
  await page.getByRole('button', { name: 'On a ball' }).click();
  const ball = page.getByLabel('Ball, diameter');
  await ball.fill('60');
  await ball.blur();
  await expect(page.getByText('Such a ball does not rest inside this bore.')).toBeVisible();
  await expect(ball).toHaveValue(/^60/);
  await ball.fill('22');
  await ball.blur();
  await bar.input.fill('-2.7');
  await expect(page.locator('form.bar')).toContainText('left on diameter');
  const halfAngle = (8 * Math.PI) / 180;
  const ratio = 2 * Math.tan(halfAngle);
  const top = (12.5 - 11 / Math.cos(halfAngle)) / Math.tan(halfAngle) - 11;
  await bar.keep('-2.7');
  const seen = top + 2.7;
  await expect.poll(async () => (await lastOf(shop, 'j-107', 'stand-off'))['seen']).toBeCloseTo(seen, 6);
  await page.getByRole('button', { name: 'Stand-off', exact: true }).click();
  const tries = await bringToLine(page, bar, { left: seen * ratio, ratio, seed: 3 });
  expect(tries).toBeLessThan(7);
  await expect(page.getByRole('heading', { name: 'It stands at its line' })).toBeVisible();
  await accessible(page, 'prove, sized');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect.poll(() => verdicts(shop, 'j-107')).toEqual([[1, 'accepted']]);

  await toView(page, 'Cut');
  await page.getByRole('button', { name: 'Ends and threads' }).click();
  const ends = page.getByRole('region', { name: 'Ends and threads' });
  await expect(ends).toContainText('Nut thread, M32x1.5');
  await expect(ends).toContainText('32.325');
  await expect(ends.getByRole('row').nth(1)).toContainText('exact');
  await ends.getByLabel('Wires you have').fill('3');
  await expect(ends).toContainText('does not touch the flanks');
  await ends.getByLabel('Wires you have').fill('0.85');
  await ends.getByLabel('Measured over them').fill('32.4');
  await expect(ends.getByRole('status')).toContainText('still on the pitch diameter');
  await ends.getByLabel(/Another thread/).fill('5/8 BSW');
  await expect(ends).toContainText('5/8-11 BSW, tapped');
  await ends.getByLabel(/Another thread/).fill('M13');
  await expect(ends).toContainText('M13 has no coarse pitch here');
  await accessible(page, 'ends and threads');

  await page.getByRole('button', { name: 'Speeds' }).click();
  const speeds = page.getByRole('region', { name: 'Speeds and feeds' });
  await expect(speeds).toContainText('Alloy steel, toughened');
  await expect(speeds).toContainText('the boring bar stands out');
  await speeds.getByLabel('Interrupted cut').check();
  await expect(speeds).toContainText('hammers the edge');
  await accessible(page, 'speeds');
});

test('the second hub of J-102 from the drill to its plug', async ({ page, shop }) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-102/prove`);
  await bar.keep('0.1 mm');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await bar.does('Start piece 2');
  await toView(page, 'Cut');
  await expect(page.getByRole('region', { name: 'Drill first' })).toContainText('32.00');
  await expect(page.getByText('Pass 1: feed the dial to')).toBeVisible();
  for (let pass = 0; pass < 12 && (await page.getByRole('button', { name: 'Cut it' }).count()); pass++)
    await bar.does('Cut it');
  await expect(page.getByRole('heading', { name: 'At the finish allowance' })).toBeVisible();
  await bar.does('Cut again');
  await bar.does('Cut again');
  await expect(page.getByRole('button', { name: 'On to Prove' })).toBeVisible();
  // Measured warm, it is kept as it will be cold.
  await page.getByRole('button', { name: 'I measured it' }).click();
  await page.getByLabel('The piece is at, °C').fill('48');
  await expect(page.getByText(/Bronze this warm measures/)).toBeVisible();
  await bar.keep('37.94 mm');
  const cold = 37.94 / (1 + 18e-6 * 28);
  await expect.poll(async () => (await lastOf(shop, 'j-102', 'measured'))['temperature']).toBe(48);
  expect((await lastOf(shop, 'j-102', 'measured'))['diameter']).toBeCloseTo(cold, 6);
  await bar.does('On to Prove');
  await expect(page.getByLabel('Stand-off now')).toBeVisible();
  // What is really left is the stock as measured cold.
  const left = 38 - cold;
  await bar.keep(`${(left * 12).toFixed(2)} mm`);
  const tries = await bringToLine(page, bar, { left, ratio: 1 / 12, seed: 8 });
  expect(tries).toBeLessThan(7);
  // The bore itself, measured on two balls, speaks for its angle.
  await page.getByRole('button', { name: 'Measure the cone itself' }).click();
  await page.getByRole('button', { name: 'Two balls in a bore' }).click();
  const a = Math.atan(1 / 24);
  const depthOfTop = (d: number): string => ((19 - d / 2 / Math.cos(a)) / Math.tan(a) - d / 2).toFixed(3);
  await page.getByLabel('Large ball', { exact: true }).fill('36');
  await page.getByLabel('Small ball', { exact: true }).fill('34');
  await page.getByLabel(/Face to the large ball/).fill(depthOfTop(36));
  await page.getByLabel(/Face to the small ball/).fill(depthOfTop(34));
  // Pressed as slowly as a finger does: the box that is left by it may not move the button away first.
  await page.getByRole('button', { name: 'Keep it as evidence' }).click({ delay: 200 });
  await expect(page.locator('.causes li').first()).toContainText('The angle is right.');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect
    .poll(() => verdicts(shop, 'j-102'))
    .toEqual([
      [1, 'accepted'],
      [2, 'accepted'],
    ]);
});

test('a shank that went past is scrapped with its cause; the next one, fed as advised, is saved', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/prove`);
  await bar.keep('3.2 mm');
  // One pass too many: fed by guess and not by the advice.
  await toView(page, 'Cut');
  await bar.keep('0.5 mm');
  await toView(page, 'Prove');
  await bar.keep('-6 mm');
  await expect(page.getByText('Too far past to face back')).toBeVisible();
  await page.getByRole('button', { name: 'Scrap', exact: true }).click();
  await page.getByRole('button', { name: 'Went past its line' }).click();
  await page.getByRole('button', { name: 'Record as scrap' }).click();
  await bar.does('Start piece 2');
  await toView(page, 'Prove');
  await bar.keep('6 mm');
  const ratio = 1 / 19.922;
  const tries = await bringToLine(page, bar, { left: 6 * ratio, ratio, seed: 5 });
  expect(tries).toBeLessThan(7);
  await expect(page.getByRole('heading', { name: 'It stands at its line' })).toBeVisible();
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect
    .poll(() => verdicts(shop, 'j-101'))
    .toEqual([
      [1, 'scrap'],
      [2, 'accepted'],
    ]);
});

test('corners of bar and a punch mark are read in the chuck; figures that cannot go together are said', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/cut`);
  await page.getByLabel('Stock at the small end, diameter').fill('22');
  await page.getByLabel('Stock at the small end, diameter').blur();
  await expect(page.getByText(/does not clean up at the large end/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Hold it true', exact: true }).click();
  const hold = page.getByRole('region', { name: 'Hold it true' });
  await hold.getByRole('button', { name: 'Hex bar' }).click();
  // A hexagon 0.1 off toward jaw 1.
  for (let i = 0; i < 6; i++)
    await hold.getByLabel(`Corner ${i + 1}`).fill((0.1 * Math.cos((i * Math.PI) / 3)).toFixed(4));
  await expect(hold).toContainText(/Off centre by 0\.100\s*mm toward jaw 1/);
  await hold.getByRole('button', { name: 'Punch mark by stick' }).click();
  for (const [jaw, seen] of [1, 0, -1, 0].entries())
    await hold.getByLabel(`Jaw ${jaw + 1}`).fill(String(seen));
  await hold.getByLabel('Mark to pivot').fill('20');
  await hold.getByLabel('Pivot to needle').fill('200');
  await expect(hold).toContainText(/punch mark is off by 0\.100\s*mm toward jaw 3/);
  await accessible(page, 'holding, by stick');
});
