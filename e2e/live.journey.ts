import { accessible } from './accessible';
import { Bar, expect, test } from './shop';
import { useInstruments, Wire } from './wire';

/** A shank’s own half angle. */
const SLOPE = 1 / 19.922 / 2;
const HOLLOW = 0.012;

/** The wire of a shop, gone with the journey. */
const wired = test.extend<{ wire: Wire }>({
  wire: async ({ shop }, use) => {
    const wire = await Wire.begin(shop.address);
    await use(wire);
    await wire.end();
  },
});

wired('a bar is set by live sweeps to inside its band', async ({ page, shop, wire }) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  await useInstruments(page, true);
  await accessible(page, 'the instruments in use');
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  const panel = page.getByRole('region', { name: 'The needle all along' });
  const takeIn = panel.getByRole('button', { name: 'Take it in as the carriage feeds' });
  const end = panel.getByRole('button', { name: /End of the sweep/ });

  await takeIn.click();
  await wire.run(90, 5, (at) => (SLOPE + 0.0006) * at - (HOLLOW * 4 * at * (90 - at)) / 90 ** 2);
  // Seen while it runs, before it has come to its end.
  await expect(panel.getByRole('img')).toBeVisible();
  await expect(page.getByRole('region', { name: 'By the readout' })).toContainText('90.00');
  await end.click();
  const shown = panel.getByRole('list', { name: 'What it shows' });
  await expect(shown).toContainText('hollow in the middle');
  await expect(panel).toContainText('at the bar’s tailstock end');
  await panel.getByRole('button', { name: 'Nudged, sweep again' }).click();

  await takeIn.click();
  await wire.run(90, 4, (at) => SLOPE * at);
  await expect(page.getByRole('region', { name: 'By the readout' })).not.toContainText('90.00');
  await expect(page.getByRole('region', { name: 'By the readout' })).toContainText('90.00');
  await end.click();
  await expect(panel).toContainText('inside its band');
  await panel.getByRole('button', { name: 'Keep this setting' }).click();
  await expect
    .poll(async () => {
      const { records } = (await (await fetch(`${shop.address}/api/jobs/j-101`)).json()) as {
        records: { body: { kind: string } }[];
      };
      return records.slice(-2).map(({ body }) => body.kind);
    })
    .toEqual(['swept', 'setting-kept']);
});

wired('a throw is dialled in live: each jaw is taken at rest', async ({ page, shop, wire }) => {
  await page.goto(`${shop.address}/job/j-103/set`);
  await useInstruments(page, false);
  await page.getByRole('button', { name: '½ s' }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  /** Turned to jaws 1, 3, 2 and 4 in their order, and rested at each. */
  const turn = (off: number): Promise<void> =>
    wire.indicator.play(
      [off, -off, 0.001, 0.002].flatMap((value, i): [number, number][] => [
        // Half round again it comes past the high side.
        [1.8 * i + 0.4, i === 3 ? off : value],
        [1.8 * i + 0.7, value],
        [1.8 * i + 1.8, value],
      ]),
    );
  await turn(4.6);
  const card = page.getByRole('article').filter({ hasText: 'wanted' });
  await expect(card.getByRole('heading')).toHaveText('Move the jaws', { timeout: 20_000 });
  await expect(card).toContainText('9.2');
  await expect(page.getByLabel('Jaw 4', { exact: true })).not.toHaveValue('', { timeout: 20_000 });
  const swing = page.getByRole('region', { name: 'The needle now' });
  await expect(swing).toContainText('It swings');
  await accessible(page, 'dialled in live');
  await card.getByRole('button', { name: /Keep this try/ }).click();
  await expect(page.getByLabel('Jaw 4', { exact: true })).toHaveValue('');

  await turn(4.75);
  await expect(card.getByRole('heading')).toHaveText('The throw is right', { timeout: 20_000 });
  await expect(page.getByLabel('Jaw 4', { exact: true })).not.toHaveValue('', { timeout: 20_000 });
});

wired(
  'an indicator unplugged in the middle: said at once, and typed reading goes on',
  async ({ page, shop, wire }) => {
    await page.goto(`${shop.address}/job/j-101/set`);
    await useInstruments(page, true);
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    const readout = page.getByRole('region', { name: 'By the readout' });
    await readout.getByRole('button', { name: 'Zero both here' }).click();
    await readout.getByRole('button', { name: 'Let stations take themselves' }).click();
    // J-101 has its first two stations read; the third takes itself.
    await expect(page.locator('form.bar')).toContainText('Reading at 75 mm');
    await wire.run(80, 4, (at) => SLOPE * at);
    await expect(page.getByRole('button', { name: 'Read this station again' })).toHaveCount(3);
    await expect(page.locator('form.bar')).toContainText('All stations read');

    // The first again, by hand, and the cable is pulled.
    await page.getByRole('button', { name: 'Read this station again' }).first().click();
    await expect(page.locator('form.bar .value')).toBeVisible();
    await wire.indicator.unplug();
    await expect(page.locator('form.bar')).toContainText('indicator is silent: type it', { timeout: 1000 });
    await new Bar(page).keep('0.628');
    await expect(page.getByRole('button', { name: 'Read this station again' }).first()).toContainText(
      '0.628',
    );
  },
);
