import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, type Shop, lead } from './shop';
import type { Page } from '@playwright/test';

const SIN = Math.sin(Math.atan(7 / 48));
const TAN = 7 / 48;
const STATIONS = [12.7, 25.4, 38.1];

/** Opens the Set stage and picks how it is set. */
async function setBy(page: Page, shop: Shop, job: string, school: string): Promise<void> {
  await page.goto(`${shop.address}/job/${job}/set`);
  await page.getByText('another way to set it').click();
  await page.getByRole('region', { name: 'How it is set' }).getByRole('button', { name: school }).click();
}
/** What the server says a lathe's device is set to now. */
async function stillSet(shop: Shop, lathe: string, device: string): Promise<unknown> {
  const { settings } = await (await fetch(`${shop.address}/api/machines/${lathe}`)).json();
  return settings.find((s: { device: string }) => s.device === device) ?? {};
}
const heading = (page: Page, name: string | RegExp) => page.getByRole('heading', { name });

test('J-105 by an indicator over the slide’s travel; a travel read along the bed is recognised', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-105/set`);
  await expect(page.getByRole('img', { name: 'The compound seen from above' })).toBeVisible();
  await expect(page.getByText('What a tap is worth')).toBeVisible();
  await bar.does('Done');
  for (const at of STATIONS) {
    await expect(page.getByText(`Reading at ${at} mm`)).toBeVisible();
    await bar.keep((at * TAN).toFixed(4));
  }
  await expect(page.getByText('These fit the other handle')).toBeVisible();
  await page.getByRole('button', { name: 'It was measured along the other' }).click();
  await expect(heading(page, /as measured along the bed/)).toBeVisible();
  await expect(page.getByText('Every station is inside its band.')).toBeVisible();
  await bar.does('Keep this setting');
  await expect(heading(page, 'Set the tool to centre height')).toBeVisible();
  await expect(page.getByRole('img', { name: 'The shape a tool off centre leaves' })).toBeVisible();
  await expect
    .poll(async () => {
      const { records } = await jobOnServer(shop, 'j-105');
      return records.filter((r) => r.body.kind === 'reading' && r.body['travelAlong'] === 'axis').length;
    })
    .toBe(3);
});

test('J-105 copied from a master: proved true at both ends first, then swept until still', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await setBy(page, shop, 'j-105', 'Copy a master');
  await bar.does('Done');
  await expect(heading(page, /Clock No\. 30 arbor for running true/)).toBeVisible();
  await expect(page.getByText('Never proved here.')).toBeVisible();
  await bar.keep('0.001');
  await bar.keep('0.03');
  await expect(page.getByText('Out at one end only')).toBeVisible();
  await page.getByRole('button', { name: 'Read this station again' }).last().click();
  await bar.keep('0.002');
  await expect(page.getByText('True enough at every place')).toBeVisible();
  await bar.does('Next card');
  await expect(heading(page, /the needle must stay still/)).toBeVisible();
  await expect(page.getByText('never use one')).toBeVisible();
  for (const at of STATIONS) await bar.keep((at * 0.001).toFixed(4));
  await expect(page.locator('.nudge')).toContainText('tap it back');
  await bar.does('Nudged, read again');
  for (const _ of STATIONS) await bar.keep('0');
  await expect(page.getByText('The needle stays still from end to end.')).toBeVisible();
  await accessible(page, 'copying a master');
  await bar.does('Keep this setting');
  await expect
    .poll(() => stillSet(shop, 'short-lathe', 'compound'))
    .toMatchObject({ how: 'copied from a master to stillness' });
});

test('J-105 by sine bar and blocks: the stack from the set owned, off blocks in use and wear blocks', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await setBy(page, shop, 'j-105', 'Sine bar and blocks');
  await bar.does('Done');
  await expect(heading(page, /slide’s face parallel/)).toBeVisible();
  await bar.keep('0.001');
  await bar.does('Next card');
  await expect(heading(page, /Stand the sine bar on 14\.43/)).toBeVisible();
  // The set's own check is overdue: said where it is used, and in its drawer.
  await expect(page.getByText(/88-piece set: check was due on 14 Oct/)).toBeVisible();
  const stack = page.locator('.stack li');
  await expect(stack.filter({ hasText: 'wear block' })).toHaveCount(2);
  await page.getByLabel('Without wear blocks').click();
  await expect(stack.filter({ hasText: 'wear block' })).toHaveCount(0);
  const taken = (await stack.first().locator('strong').innerText()).trim();
  await stack.first().getByRole('button', { name: 'This block is in use elsewhere' }).click();
  await expect(page.getByText('In other stacks:')).toBeVisible();
  await expect(stack.locator('strong', { hasText: taken })).toHaveCount(0);
  await accessible(page, 'sine bar');
  await bar.does('Done');
  for (const at of STATIONS) await bar.keep((at * SIN).toFixed(4));
  await bar.does('Keep this setting');
  await expect(heading(page, 'Set the tool to centre height')).toBeVisible();
});

test('J-105 by pins in a block that is owned', async ({ page, shop }) => {
  const bar = new Bar(page);
  await setBy(page, shop, 'j-105', 'Pins in a block');
  await bar.does('Done');
  await bar.keep('0');
  await bar.does('Next card');
  await expect(heading(page, 'Pins in the origin and in 7:24 of Angle block')).toBeVisible();
  await expect(page.locator('.card .big').first()).toContainText('100.800');
  await expect(page.getByRole('img', { name: /Two pins/ })).toBeVisible();
  await bar.does('Done');
  for (const at of STATIONS) await bar.keep((at * SIN).toFixed(4));
  await expect(page.getByText('Every station is inside its band.')).toBeVisible();
});

test('J-108 by a setting gauge of the blank’s own length, and the tailstock back to zero', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await setBy(page, shop, 'j-108', 'Setting gauge');
  await page.getByRole('button', { name: /set over/ }).click();
  await expect(heading(page, /Set the tailstock over toward you/)).toBeVisible();
  await page.getByRole('button', { name: 'gauge', exact: false }).first().click();
  await expect(page.getByRole('img', { name: 'Setting gauge' })).toBeVisible();
  await expect(page.getByText('Between the centre contacts', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'flat sweep' }).click();
  await expect(heading(page, /Sweep the gauge over/)).toBeVisible();
  await page.getByRole('button', { name: 'back to zero' }).click();
  await expect(heading(page, /bring the tailstock back/)).toBeVisible();
  await bar.keep('0.02');
  await expect(page.locator('form.bar').getByRole('button', { name: 'It is back at zero' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Read this station again' }).click();
  await bar.keep('0.002');
  await bar.does('It is back at zero');
  await expect
    .poll(() => stillSet(shop, 'long-lathe', 'tailstock'))
    .toMatchObject({ halfAngle: null, how: 'back at zero, proved on a test bar' });
});

test('J-101 by scale and trial: two diameters measured, the nudge in the bar’s own unit', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await setBy(page, shop, 'j-101', 'Scale and trial cut');
  await page.getByRole('button', { name: 'trial cut', exact: true }).click();
  await expect(heading(page, /measure two diameters 75 mm apart/)).toBeVisible();
  await expect(page.getByText('With the 0–25 micrometer.')).toBeVisible();
  await bar.keep('3.80');
  await expect(page.locator('.nudge')).toContainText('at the bar’s tailstock end');
  await bar.does('Nudged, read again');
  await bar.keep((75 / 19.922).toFixed(3));
  await expect(page.getByText('Inside its band.')).toBeVisible();
  await bar.does('Keep this setting');
  await expect
    .poll(() => stillSet(shop, 'long-lathe', 'attachment'))
    .toMatchObject({ how: 'by a trial cut measured at two places' });
});

test('a socket by a reamer that is owned, and a short nose by a wide tool', async ({ page, shop }) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-109/way`);
  const reamer = page.locator('article', { hasText: 'Taper reamer after boring' });
  await expect(reamer).toContainText('No. 2 Morse socket reamer');
  await reamer.getByRole('button', { name: 'Use this way' }).click();
  await page.getByRole('link', { name: /Set/ }).click();
  await expect(heading(page, /Bore it to its own taper/)).toBeVisible();
  await bar.does('Done');
  await expect(page.getByText('Never turn a reamer backwards')).toBeVisible();
  await bar.does('Done, and set');

  const { document } = (await jobOnServer(shop, 'j-105')).job as unknown as { document: object };
  const length = { typed: '10 mm', value: 10 };
  const features = (document as { features: Record<string, unknown>[] }).features.map((f) =>
    f['kind'] === 'taper' ? { ...f, length } : f,
  );
  const made = { id: 'short-nose', document: { ...document, number: 'J-200', work: {}, features } };
  await fetch(`${shop.address}/api/jobs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(made),
  });
  await lead(page, '/job/short-nose/way');
  await page
    .locator('article', { hasText: 'Wide tool, plunged' })
    .getByRole('button', { name: 'Use this way' })
    .click();
  await page.getByRole('link', { name: /Set/ }).click();
  await expect(heading(page, /Grind and hone the edge/)).toBeVisible();
  await bar.does('Done');
  await bar.keep(((10 / 3) * TAN).toFixed(4));
  await bar.keep(((20 / 3) * TAN).toFixed(4));
  await bar.keep((10 * TAN).toFixed(4));
  await bar.does('Keep this setting');
  await expect(heading(page, 'Set the tool to centre height')).toBeVisible();
});

test('J-101 between centres by a setting gauge swept until still', async ({ page, shop }) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-101/way`);
  await page
    .locator('article', { hasText: 'Tailstock set over' })
    .getByRole('button', { name: 'Use this way' })
    .click();
  await setBy(page, shop, 'j-101', 'Setting gauge');
  await expect(heading(page, 'Set the tailstock over toward you')).toBeVisible();
  await bar.keep('3.388');
  await bar.does('Next card');
  await expect(heading(page, /Make or find a gauge/)).toBeVisible();
  await bar.does('Done');
  await expect(heading(page, /Sweep the gauge over/)).toBeVisible();
  for (const seen of ['0.02', '0.04', '0.06']) await bar.keep(seen);
  await expect(page.locator('.nudge')).toContainText('on the tailstock barrel');
  await bar.does('Nudged, read again');
  for (const _ of STATIONS) await bar.keep('0');
  await expect(page.getByText('The needle stays still from end to end.')).toBeVisible();
  await bar.does('Keep this setting');
  await expect
    .poll(() => stillSet(shop, 'long-lathe', 'tailstock'))
    .toMatchObject({ how: 'by a setting gauge swept to stillness' });
});
