import type { Page } from '@playwright/test';
import { accessible } from './accessible';
import { choose, expect, jobOnServer, lead, test } from './shop';

const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();
const plain = (text: string): string => text.replaceAll('\u00a0', ' ').replaceAll('−', '-');
const clicks = async (page: Page, name: string, times: number): Promise<void> => {
  if (times > 0) await page.getByRole('button', { name }).click({ clickCount: times });
};
/** The needle as the reading bar has it. */
const shown = async (page: Page): Promise<number> =>
  Number(plain(await page.locator('form.bar .value').innerText()).match(/-?\d+\.\d+/)![0]);
/** Two looks at it are the same: it has heard of the last turn of the handle, and is no longer on its way. */
async function atRest(page: Page): Promise<void> {
  let before = NaN;
  const same = async (): Promise<boolean> => {
    const [was, now] = [before, await shown(page)];
    before = now;
    return Math.abs(now - was) < 0.004;
  };
  await expect.poll(same, { intervals: [250] }).toBe(true);
}

test('a compound is set at the practice lathe by the job’s own cards and the lathe’s own instruments', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/practice/compound?lathe=7`);
  await expect(page).toHaveURL(/\/job\/practice-[^/]+\/set\/cone/);
  const dock = page.getByRole('region', { name: 'The practice lathe' });
  await expect(dock).toContainText('level 1 of 5');
  await accessible(page, 'a job with the practice lathe under it');
  await press(page, 'Scale');
  await page.getByLabel('Compound to, by its scale').fill('8');
  await press(page, 'Set it');
  await press(page, 'Done');
  await press(page, 'Indicator');
  const handle = async (way: '+' | '−', times: number): Promise<void> =>
    clicks(page, `Compound’s handle ${way}1.00 mm`, times);
  const stations = page.getByRole('row', { name: /You saw/ });
  const accept = page.locator('form.bar').getByRole('button', { name: 'Keep this setting' });
  for (let round = 0; round < 5; round++) {
    await handle('−', 2);
    await handle('+', 2);
    await atRest(page);
    await press(page, 'Zero both here');
    for (let station = 1; station <= 3; station++) {
      await handle('+', 8);
      await expect(page.locator('form.bar label')).toContainText(`${8 * station}`);
      // What it shows is as fresh as the needle is.
      await expect.poll(() => shown(page)).toBeGreaterThan(1.113 * station - 0.1);
      await atRest(page);
      await page.locator('#reading').press('Space');
      await expect(stations.getByRole('cell').nth(station + 0)).not.toHaveText('–');
    }
    if (round === 0) {
      await page.reload();
      // Held: where the slide stands, what was read, and what the job keeps.
      await expect(dock.getByRole('group', { name: 'Compound’s handle' })).toContainText('24.00');
      await expect(stations).toContainText('▲');
    }
    // What the third reading says comes a moment after it.
    await expect(accept.or(page.getByText('Next nudge').first())).toBeVisible();
    if (await accept.count()) break;
    const said = plain(await page.locator('.scroller').innerText());
    const amount = Number(/Next nudge\s+([\d.]+) mm/.exec(said)![1]);
    const steeper = said.includes('Too shallow');
    const fine = Math.round((amount * 160) / 24 / 0.005);
    await clicks(page, `Compound, steeper ${steeper ? '+' : '−'}0.100 mm`, Math.floor(fine / 20));
    await clicks(page, `Compound, steeper ${steeper ? '+' : '−'}0.005 mm`, fine % 20);
    await page.locator('form.bar').getByRole('button', { name: 'Nudged, read again' }).click();
    await handle('−', 24);
  }
  await accept.click();
  await press(page, 'I say it is right');
  const truth = page.getByRole('region', { name: 'The truth' });
  await expect(truth).toContainText('✓ Right');
  await expect(truth).toContainText('Compound’s scale against its slide');
  await accessible(page, 'the truth under a job');
  await press(page, 'All exercises');
  await expect(page.getByRole('listitem').filter({ hasText: 'Set a compound' })).toContainText(
    '1 of 1 right',
  );
  // Nothing of it is the shop's: no job, no row of the logbook, nothing a lathe is still set to.
  const asked = async (path: string) => (await fetch(`${shop.address}${path}`)).text();
  for (const path of ['/api/jobs?limit=100', '/api/log?limit=200', '/api/machines'])
    expect(await asked(path), path).not.toContain('practice');
});

test('a job of the rack is tried first on a lathe like its own, and nothing of that reaches it', async ({
  page,
  shop,
}) => {
  const before = await jobOnServer(shop, 'j-101');
  await page.goto(`${shop.address}/job/j-101/way`);
  await page.getByRole('link', { name: 'Try it first at the practice lathe' }).click();
  await expect(page.getByRole('heading', { name: 'Try a job first' })).toBeVisible();
  await accessible(page, 'trying a job first');
  await choose(page, 'How much is wrong with it', 'Nothing wrong with it');
  await page.getByText('Choose what is wrong yourself').click();
  await choose(page, 'Attachment’s scale against its bar', 'At its worst');
  await press(page, 'To the practice lathe');
  await expect(page).toHaveURL(/\/job\/practice-/);
  await expect(page.locator('header').first()).toContainText('Long lathe');
  await expect(page.locator('header').first()).toContainText('J-101');
  await press(page, 'Scale');
  await page.getByLabel('Bar to, by its scale').fill('1.5');
  await press(page, 'Set it');
  await press(page, 'Done');
  await press(page, 'I say it is right');
  const truth = page.getByRole('region', { name: 'The truth' });
  await expect(truth).toContainText('✗ Not right');
  await expect(truth).toContainText('Attachment’s scale against its bar');
  await expect(truth).not.toContainText('Lash of the cross-slide');
  expect(await jobOnServer(shop, 'j-101')).toEqual(before);
});

test('a curve of the rack is followed by both handles, its line on the lathe, and held against it', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/practice/job?job=j-104`);
  await press(page, 'To the practice lathe');
  await expect(page).toHaveURL(/\/job\/practice-/);
  const lathe = page.getByRole('region', { name: 'The practice lathe' });
  await expect(lathe.locator('path.line')).toBeVisible();
  // Its blank, measured where nothing was cut yet: over the curve’s largest.
  await page.getByLabel('In from the end').fill('10 mm');
  await press(page, 'Measure');
  await expect(lathe.locator('.big').first()).toContainText(/2\d\.\d\d/);
  await accessible(page, 'a curve at the practice lathe');
  // Without what the job says, and with it again; when it has ended, and at another job, nothing is out of sight for it.
  const stages = page.getByRole('navigation', { name: 'Stages of the work' });
  await press(page, 'Lathe only');
  await expect(stages).toBeHidden();
  await press(page, 'With the cards');
  await expect(stages).toBeVisible();
  await press(page, 'Lathe only');
  await expect(stages).toBeHidden();
  const practised = new URL(page.url()).pathname;
  await lead(page, '/job/j-104/part');
  await expect(stages).toBeVisible();
  await lead(page, practised);
  await expect(stages).toBeVisible();
  await press(page, 'Lathe only');
  await press(page, 'I say it is right');
  await expect(stages).toBeVisible();
  const truth = page.getByRole('region', { name: 'The truth' });
  await expect(truth).toContainText('Stands over its line by, at its worst');
  await expect(truth).toContainText('✗ Not right');
});
