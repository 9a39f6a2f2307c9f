import { accessible } from './accessible';
import { expect, test, toView } from './shop';

/** A shank’s own half angle, and a worn and wrongly set bar: what a readout beside the carriage would have sent. */
const HALF_ANGLE = Math.atan(1 / 19.922 / 2);
function file(slope: number, more: (at: number) => number = () => 0): Buffer {
  const rows = Array.from({ length: 300 }, (_, i) => {
    const at = (90 * i) / 299;
    const reading = at * slope + more(at) + 0.0006 * Math.sin(1000 * at);
    return `${at.toFixed(3)};${reading.toFixed(4)}`;
  });
  return Buffer.from(['travel mm;reading mm', ...rows].join('\n'));
}
const taken = (buffer: Buffer) => ({ name: 'sweep.csv', mimeType: 'text/csv', buffer });

test('a bar is set by the needle’s behaviour all along: what is wrong, the nudge, and the next sweep inside the band', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  const panel = page.getByRole('region', { name: 'The needle all along' });
  const take = panel.getByLabel('A file of readings');
  const hollow = (at: number): number => (-0.012 * 4 * at * (90 - at)) / 90 ** 2;
  await take.setInputFiles(
    taken(file(Math.tan(HALF_ANGLE) + 0.0006, (at) => hollow(at) + (at > 41 && at < 41.3 ? 0.04 : 0))),
  );
  const shown = panel.getByRole('list', { name: 'What it shows' });
  await expect(shown.getByRole('listitem')).toHaveCount(3);
  await expect(shown).toContainText('It stands at');
  await expect(shown).toContainText('hollow in the middle');
  await expect(shown).toContainText('One reading jumps out');
  await expect(panel).toContainText('at the bar’s tailstock end');
  await accessible(page, 'a sweep all along');
  await panel.getByRole('button', { name: 'Nudged, sweep again' }).click();
  await expect(shown).toHaveCount(0);

  await take.setInputFiles(taken(file(Math.tan(HALF_ANGLE))));
  await expect(panel).toContainText('inside its band');
  // The sweep before the nudge is drawn beside it.
  await expect(panel).toContainText('Dashed: as it was swept before');
  await panel.getByRole('button', { name: 'Keep this setting' }).click();
  await expect
    .poll(async () => {
      const { records } = (await (await fetch(`${shop.address}/api/jobs/j-101`)).json()) as {
        records: { body: { kind: string } }[];
      };
      return records.slice(-4).map(({ body }) => body.kind);
    })
    .toEqual(['swept', 'nudge', 'swept', 'setting-kept']);
  // Kept, it is drawn again on the record.
  await toView(page, 'Record');
  await page.getByRole('button', { name: 'Draw it' }).first().click();
  await expect(page.getByRole('img', { name: /The needle against what it should have read/ })).toBeVisible();
  await page.goto(`${shop.address}/log?kind=swept`);
  await expect(page.getByRole('list', { name: 'What was kept, newest first' })).toContainText(
    'in 300 readings',
  );
});

test('typed pairs are a sweep as well, what cannot be read is named, and too few are asked for more', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  const panel = page.getByRole('region', { name: 'The needle all along' });
  await panel.getByRole('button', { name: 'Paste' }).click();
  const box = panel.getByLabel('Travel and reading, a pair a line');
  await box.fill('0, 0\n10, 0.25');
  await expect(panel).toContainText('fewer than 8 readings');
  const pairs = Array.from(
    { length: 10 },
    (_, i) => `${8 * i}, ${(8 * i * Math.tan(HALF_ANGLE)).toFixed(3)}`,
  );
  await box.fill([...pairs, 'end, of it'].join('\n'));
  await expect(panel).toContainText('inside its band');
  await expect(panel).toContainText('One line could not be read: line 11');
  await expect(panel).toContainText('A plain slope');
});

test('readings typed at stations: one figure and Enter each, the next place stands there already', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  const panel = page.getByRole('region', { name: 'The needle all along' });
  await panel.getByRole('button', { name: 'Type at stations' }).click();
  const [at, reads] = [panel.getByLabel('Slide stands at'), panel.getByLabel('Needle reads')];
  const seen = (mm: number): string => (mm * Math.tan(HALF_ANGLE)).toFixed(3);
  await at.fill('0');
  await at.press('Enter');
  await page.keyboard.type('none');
  await page.keyboard.press('Enter');
  await expect(panel).toContainText('none');
  await expect(reads).toHaveValue('none');
  await reads.fill(seen(0));
  await reads.press('Enter');
  await at.fill('8');
  await at.press('Enter');
  for (let i = 1; i < 10; i++) {
    await page.keyboard.type(seen(8 * i));
    await page.keyboard.press('Enter');
    await expect(at).toHaveValue(i === 1 ? '16' : `${8 * i + 8}`);
    await expect(reads).toHaveValue('');
  }
  await expect(panel).toContainText('inside its band');
  await panel.getByRole('button', { name: 'Type the reading at 40 again' }).click();
  await page.keyboard.type('9');
  await page.keyboard.press('Enter');
  await expect(panel).toContainText('chip');
  expect(await panel.getByRole('row').count()).toBe(11);
});

/** A sound as a telephone would have taken it: a pitch in a cut's hiss, 16 bits, 8 kHz. */
function recording(hz: number): Buffer {
  const [rate, seconds] = [8000, 2];
  const data = Buffer.alloc(2 * rate * seconds);
  let seed = 5;
  for (let i = 0; i < rate * seconds; i++) {
    seed = (seed * 48_271) % 2_147_483_647;
    const hiss = 0.1 * (seed / 2_147_483_647 - 0.5);
    data.writeInt16LE(Math.round(32_767 * (0.4 * Math.sin((2 * Math.PI * hz * i) / rate) + hiss)), 2 * i);
  }
  const head = Buffer.alloc(44);
  head.write('RIFF', 0);
  head.writeUInt32LE(36 + data.length, 4);
  head.write('WAVEfmt ', 8);
  head.writeUInt32LE(16, 16);
  for (const [value, at] of [
    [1, 20],
    [1, 22],
    [2, 32],
    [16, 34],
  ] as const)
    head.writeUInt16LE(value, at);
  head.writeUInt32LE(rate, 24);
  head.writeUInt32LE(2 * rate, 28);
  head.write('data', 36);
  head.writeUInt32LE(data.length, 40);
  return Buffer.concat([head, data]);
}

test('a recording of chatter: what swings, and what each remedy is worth; marks on the work say the same', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-102/cut`);
  await page.getByRole('button', { name: 'Listen', exact: true }).click();
  const panel = page.getByRole('region', { name: 'Listen to the cut' });
  await panel.getByLabel('Bar, diameter').fill('16');
  await panel.getByLabel('Bar stands out').fill('100');
  await panel.getByLabel('Work stands out').fill('30');
  // 716.7 d / L²: a cantilever of steel; in its holder a fifth lower.
  const pitch = 0.8 * ((716_700 * 16) / 100 ** 2);
  await panel
    .getByLabel('A recording')
    .setInputFiles({ name: 'cut.wav', mimeType: 'audio/wav', buffer: recording(pitch) });
  const says = panel.getByRole('status');
  await expect(says).toContainText('The bar’s own pitch, most likely');
  await expect(says).toContainText(String(Math.round(pitch)));
  await expect(says).toContainText('Push it home by 16 mm: 1.7 times as stiff');
  await accessible(page, 'listening to the cut');
  await panel
    .getByLabel('A recording')
    .setInputFiles({ name: 'note.wav', mimeType: 'audio/wav', buffer: Buffer.from('no sound') });
  await expect(panel).toContainText('holds no sound that this browser knows');
  await panel.getByRole('button', { name: 'Clear' }).click();
  await panel.getByLabel('Turns a minute').fill('300');
  await panel.getByLabel('Waves in a turn').fill('3');
  await expect(says).toContainText('Once for each of 3 jaws');
});

test('at an operation of the line of work the piece that stands out of the jaws is what could swing', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/job/j-110/work/turn-collar-1`);
  await page.getByRole('button', { name: 'It chatters: listen' }).click();
  const panel = page.getByRole('region', { name: 'Listen to the cut' });
  await expect(panel).toContainText('work 42.0 mm');
  await panel.getByRole('button', { name: 'A made-up sound' }).click();
  await expect(panel.getByRole('status')).toContainText('Hz');
  await expect(panel.getByRole('status')).toContainText('work');
  await accessible(page, 'listening at an operation');
});
