import { accessible } from './accessible';
import { Bar, expect, jobOnServer, test, toView, lead } from './shop';

/** What was kept last of a job, with what it is about. */
const last = async (shop: Parameters<typeof jobOnServer>[0], id: string) =>
  (await jobOnServer(shop, id)).records.at(-1) as unknown as {
    feature?: string;
    operation?: string;
    body: Record<string, unknown>;
  };

test('the collet holder’s third piece, operation by operation, each shape with its own loop', async ({
  page,
  shop,
}) => {
  const bar = new Bar(page);
  await page.goto(`${shop.address}/job/j-110/plan`);
  const first = page.getByRole('region', { name: /^Holding 1/ });
  await expect(first.getByText('✓').first()).toBeVisible();
  await bar.does(/^Go on: /);
  await expect(page.getByRole('region', { name: 'Staircase' })).toBeVisible();

  // Its nose is another holding's. A plain diameter: cut by the dial, measured, fed by what the tool has shown, until it is inside.
  await toView(page, 'Plan');
  const second = page.getByRole('region', { name: /^Holding 2/ });
  await second.getByRole('link', { name: 'Work: Turn' }).first().click();
  await expect(page.getByRole('region', { name: 'Turn' })).toContainText('May be');
  await expect(page.getByRole('link', { name: 'Work' })).toHaveAttribute('aria-current', 'page');
  for (let passes = 0; passes < 12; passes++) {
    const cut = page.getByRole('button', { name: 'Cut it' });
    if (!(await cut.isVisible())) break;
    await cut.click();
    await page.waitForTimeout(150);
  }
  await bar.keep('30.3');
  await accessible(page, 'a diameter to its limits');
  await expect.poll(async () => (await last(shop, 'j-110')).body['kind']).toBe('measured');
  expect(await last(shop, 'j-110')).toMatchObject({
    operation: 'turn-nut-thread-1',
    feature: 'nut-thread-1',
  });
  await expect(page.getByText('By what this tool has taken so far', { exact: false })).toBeVisible();
  await bar.does('Cut it');
  await bar.keep('29.9');
  await expect(page.getByText('Inside its limits.')).toBeVisible();
  await bar.does('Done, next');

  // The groove beside it: by the carriage from the zeroed face, its width measured.
  await expect(page.getByRole('region', { name: 'Groove' })).toContainText('Carriage from the face');
  await bar.keep('26.05');
  await expect.poll(async () => (await last(shop, 'j-110')).body['kind']).toBe('sized');

  // The seat has a loop of its own, held by the shank: its mate is its own.
  await lead(page, '/job/j-110/prove/seat-1');
  await expect(page.getByRole('img', { name: /In the spindle by No. 3 Morse/ })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Seat' })).toHaveAttribute('aria-current', 'page');
  await bar.keep('0.1');
  await expect.poll(async () => (await last(shop, 'j-110')).feature).toBe('seat-1');
  await page.getByRole('button', { name: 'Accept it' }).click();
  await expect(page).toHaveURL(/\/plan$/);

  // The piece is closed by a verdict of its own, and the batch is seen to drift.
  await page.getByRole('link', { name: 'Record' }).click();
  await expect(page.getByText('A shape of it is not proved yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Pieces' }).click();
  await expect(page.getByText('would be out', { exact: false })).toBeVisible();
  await accessible(page, 'pieces of a batch');
});
