import { accessible } from './accessible';
import { choose, expect, test, lead } from './shop';

test('how the shop did it last time is at hand at each step, and the work begins from it', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-102/way`);
  const last = page.getByRole('region', { name: 'Last time' });
  await expect(last).toContainText('J-093');
  await expect(last).toContainText('Compound slide on the Long lathe, 1 accepted');
  await page.getByRole('link', { name: /Set/ }).first().click();
  await expect(last).toContainText('proved at 2°23′09″');
  await page.getByRole('link', { name: /Prove/ }).first().click();
  await expect(last).toContainText('of 1.00 fed 0.98 came off');
  await last.getByRole('button').first().click();
  await expect(last).toContainText('Lash of the compound taken up the wrong way');
  await accessible(page, 'last time, opened');
  // To where it was done, and back.
  await last.getByRole('link', { name: /J-058/ }).click();
  await expect(page.getByRole('heading', { name: 'Pulley hub, bored 1:12' })).toBeVisible();
  await page.goBack();

  // A shank that was to be cut by the compound is cut as the last one was.
  await lead(page, '/job/j-101/way');
  await page.getByRole('button', { name: 'Use this way' }).first().click();
  await expect(last).toContainText('J-');
  await last.getByRole('button').first().click();
  const row = last.getByRole('listitem').filter({ hasText: 'J-086' });
  await expect(row).toContainText('Taper attachment');
  await row.getByRole('button', { name: 'Work it as then' }).click();
  await expect(page.getByText('Way and cut as in J-086.')).toBeVisible();
  await page.getByRole('link', { name: /Set/ }).first().click();
  await expect(page.getByText('Cross-slide moves')).toBeVisible();
});

test('a finished job is put away, found again by a word or in the logbook, and brought back', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/rack`);
  const card = page.getByRole('link', { name: /J-109/ });
  await expect(card).toBeVisible();
  await expect(page.getByText('Milling arbors')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put J-109 away' }).click();
  await expect(card).toHaveCount(0);
  await page.getByRole('textbox', { name: 'Find a job' }).fill('pillar drill');
  await expect(page).toHaveURL(/search=pillar/);
  await card.click();
  await expect(page.getByRole('link', { name: /Record/ })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('textbox', { name: 'Find a job' })).toHaveValue('pillar drill');
  await expect(card).toBeVisible();
  await page.getByRole('textbox', { name: 'Find a job' }).fill('');
  await page.getByRole('button', { name: 'Put away', exact: true }).click();
  await expect(card).toBeVisible();
  await expect(page.getByText('Milling arbors')).toBeVisible();
  await accessible(page, 'what is put away');
  await page.getByRole('button', { name: 'Bring J-109 back to the rack' }).click();
  await page.getByRole('button', { name: 'On the rack' }).click();
  await expect(card).toBeVisible();
  await choose(page, 'Order', 'Wanted soonest');
  await expect(page.getByRole('listitem').filter({ hasText: 'J-102' }).last()).toContainText('1 day late');
  const lowest = page.locator('.cards > li').last();
  await expect(lowest).not.toBeInViewport();
  await lowest.getByRole('link').first().click();
  await expect(page.getByRole('link', { name: /Record/ })).toBeVisible();
  await page.goBack();
  await expect(lowest).toBeInViewport();

  await lead(page, '/log');
  await choose(page, 'Taper', 'Morse, metric table');
  await choose(page, 'Its size', 'No. 2 Morse');
  const rows = page.getByRole('list', { name: 'What was kept, newest first' });
  await expect(rows).toContainText('J-078');
  await expect(rows).not.toContainText('J-101');
  await accessible(page, 'the logbook, by taper');
});

test('how a thread was made before is told where it is made', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-110/work/tap-drawbar-thread-3`);
  const last = page.getByRole('region', { name: 'Last time' });
  await expect(last).toContainText('J-086');
  await last.getByRole('button').click();
  await last.getByRole('link', { name: /J-086/ }).click();
  await expect(page).toHaveURL(/\/job\/j-086\/work\/tap-drawbar-thread-/);
  await page.goto(`${shop.address}/job/j-110/work/tap-drawbar-thread-3`);
  await accessible(page, 'an operation with what was done before');
});

test('when a job is wanted, whose it is and words to find it by are typed with the job', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-105/part`);
  await page.getByLabel('Wanted by').fill('2031-03-04');
  await page.getByLabel('Whose job').fill('do');
  await page.getByLabel('Words to find it by').fill('mill, spindle test');
  await expect
    .poll(async () => {
      const { job } = await (await fetch(`${shop.address}/api/jobs/j-105`)).json();
      return [job.document.due, job.document.who, job.document.tags];
    })
    .toEqual(['2031-03-04', 'DO', ['mill', 'spindle test']]);
  await lead(page, '/rack');
  await page.getByRole('textbox', { name: 'Find a job' }).fill('spindle test');
  await expect(page.getByRole('link', { name: /J-105/ })).toContainText('wanted 4 Mar');
});

test('a lathe’s own records say what it is like, and grow as the work goes on', async ({ page, shop }) => {
  await page.goto(`${shop.address}/machines/long-lathe`);
  const said = page.getByRole('region', { name: 'What its records say' });
  await expect(said).toContainText('4 jobs');
  await expect(
    said.getByRole('img', { name: /set by its scale, stands off by, job by job/ }).first(),
  ).toBeVisible();
  await expect(said).toContainText('Lash of the compound taken up the wrong way');
  await expect(said).toContainText('2 scrapped');
  await accessible(page, 'a lathe with its records');
  const answer = await fetch(`${shop.address}/api/records`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      id: crypto.randomUUID(),
      jobId: 'j-102',
      piece: 1,
      at: new Date().toISOString(),
      operator: 'RK',
      body: { kind: 'verdict', verdict: 'scrap', cause: 'Tool dug in on the way back' },
    }),
  });
  expect(answer.status).toBe(201);
  await expect(said).toContainText('3 scrapped');
  await expect(said).toContainText('Tool dug in on the way back');
});
