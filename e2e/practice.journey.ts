import { exerciseOf } from '@anello/core/practice';
import type { Page } from '@playwright/test';
import { accessible } from './accessible';
import { expect, test } from './shop';

const plain = async (page: Page, name: string): Promise<string> =>
  (await page.getByRole('region', { name }).innerText()).replaceAll('\u00a0', ' ');

test('a bar is trued in four jaws by mouse, as the cards say, and the truth agrees', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/practice`);
  await page.getByRole('link', { name: /True a bar in four jaws/ }).click();
  await page.goto(`${shop.address}/practice/four-jaw?lathe=5`);
  await accessible(page, 'the practice lathe');
  const on = page.getByRole('button', { name: /Spindle by hand .*90/ }).last();
  const click = async (jaw: string, by: number): Promise<void> => {
    const handle = page.getByRole('group', { name: `Jaw ${jaw}`, exact: true });
    const sign = by > 0 ? '\\+' : '[−-]';
    const press = async (size: string, times: number): Promise<void> => {
      const button = handle.getByRole('button', { name: new RegExp(`${sign}${size}`) });
      for (let i = 0; i < times; i++) await button.click();
    };
    const clicks = Math.round(Math.abs(by) * 100);
    await press('0\\.10', Math.floor(clicks / 10));
    await press('0\\.01', clicks % 10);
  };
  const done = page.getByRole('button', { name: 'I say it is right: show the truth' });
  for (let round = 0; round < 8; round++) {
    for (let k = 0; k < 4; k++) {
      await page.getByRole('button', { name: /Take it/ }).click();
      await on.click();
    }
    const said = await plain(page, 'What the cards say');
    const moves = [...said.matchAll(/(loosen|tighten) jaw (\d) by ([\d.]+)/gi)];
    if (moves.length === 0) break;
    for (const [, action, jaw, by] of moves) await click(jaw!, (/^l/i.test(action!) ? -1 : 1) * Number(by));
  }
  expect(await plain(page, 'What the cards say')).toContain('True within');
  await done.click();
  const truth = page.getByRole('region', { name: 'The truth' });
  await expect(truth).toContainText('✓ Right');
  await accessible(page, 'the truth of a run');
  const moment = page.getByRole('slider', { name: 'Moment of the run' });
  await page.getByRole('button', { name: 'Watch it again' }).click();
  const steps = Number(await moment.getAttribute('max'));
  await expect.poll(async () => Number(await moment.inputValue()), { timeout: 40_000 }).toBe(steps);
  await page.getByRole('link', { name: 'All exercises' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'True a bar' })).toContainText('1 of 1 right');
});

test('lash is found by the keyboard alone', async ({ page, shop }) => {
  await page.goto(`${shop.address}/practice/lash?lathe=7`);
  const { crossLash } = exerciseOf('lash').begin(7, 1).reveal().faults;
  const rim = page.getByRole('spinbutton', { name: 'Cross-slide, handle' });
  await rim.focus();
  const needle = async (): Promise<number> =>
    Number((await plain(page, 'What it shows')).replace('−', '-').match(/[-+]?\d\.\d{3}/)![0]);
  const untilItMoves = async (key: string): Promise<number> => {
    const from = await needle();
    for (let i = 0; i < 60; i++) {
      await page.keyboard.press(key);
      if (Math.abs((await needle()) - from) > 0.003) break;
    }
    await page.keyboard.press('t');
    return Number(await rim.getAttribute('aria-valuenow'));
  };
  await untilItMoves('ArrowUp');
  const [there, back] = [await untilItMoves('ArrowUp'), await untilItMoves('ArrowDown')];
  expect(await plain(page, 'What the cards say')).toContain('the dial turned');
  const found = there - back - 0.01;
  expect(Math.abs(found - crossLash)).toBeLessThan(0.02);
  await page.getByLabel('Lash, as the dial shows it').focus();
  await page.keyboard.type(found.toFixed(2));
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'I say it is right: show the truth' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'The truth' })).toContainText('✓ Right');
});

test('a diameter is turned to its limits with the spindle, the feed and a micrometer', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.address}/practice/to-size?lathe=3`);
  const cross = page.getByRole('spinbutton', { name: 'Cross-slide, handle' });
  const dial = async (): Promise<number> => Number(await cross.getAttribute('aria-valuenow'));
  const to = async (figure: number): Promise<void> => {
    await cross.focus();
    for (let i = 0; i < 120 && Math.abs(figure - (await dial())) > 0.0049; i++) {
      const left = figure - (await dial());
      await page.keyboard.press(`${Math.abs(left) >= 0.1 ? 'Shift+' : ''}Arrow${left > 0 ? 'Up' : 'Down'}`);
    }
  };
  const carriage = page.getByRole('spinbutton', { name: 'Carriage, handle' });
  const along = async (): Promise<void> => {
    await carriage.focus();
    // As a key that is held down repeats itself.
    await carriage.evaluate((rim) => {
      for (const key of ['PageDown', 'PageUp'])
        for (let i = 0; i < 58; i++) rim.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    });
    await page.keyboard.press('t');
  };
  await to(6.6);
  await along();
  for (let i = 0; i < 12; i++) {
    const said = await plain(page, 'What the cards say');
    if (/inside its limits/.test(said)) break;
    const next = /Feed the dial to ([\d.]+)/.exec(said);
    if (next) await to(Number(next[1]));
    await along();
  }
  expect(await plain(page, 'What the cards say')).toContain('inside its limits');
  await page.getByRole('button', { name: 'I say it is right: show the truth' }).click();
  await expect(page.getByRole('region', { name: 'The truth' })).toContainText('✓ Right');
});

test('power feed runs the carriage until it is put off', async ({ page, shop }) => {
  await page.goto(`${shop.address}/practice/to-size?lathe=3`);
  const carriage = page.getByRole('spinbutton', { name: 'Carriage, handle' });
  const before = Number(await carriage.getAttribute('aria-valuenow'));
  await page.getByRole('button', { name: '◀ Feed' }).click();
  await expect
    .poll(async () => Number(await carriage.getAttribute('aria-valuenow')), { timeout: 15_000 })
    .toBeLessThan(before - 5);
  await page.getByRole('button', { name: '◀ Feed' }).click();
  const stopped = Number(await carriage.getAttribute('aria-valuenow'));
  await page.waitForTimeout(300);
  expect(Number(await carriage.getAttribute('aria-valuenow'))).toBe(stopped);
});

test('a bar is set by the indicator, its carriage run by the wheel of the mouse', async ({ page, shop }) => {
  await page.goto(`${shop.address}/practice/bar?lathe=5`);
  const carriage = page.getByRole('spinbutton', { name: 'Carriage, handle' });
  const wheel = async (clicks: number): Promise<void> => {
    await carriage.hover();
    await page.keyboard.down('Shift');
    for (let i = 0; i < Math.abs(clicks); i++) await page.mouse.wheel(0, clicks > 0 ? -100 : 100);
    await page.keyboard.up('Shift');
  };
  const stands = async (): Promise<number> =>
    Math.round(Number(await carriage.getAttribute('aria-valuenow')));
  const take = page.getByRole('button', { name: /Take it/ });
  const end = page.getByRole('group', { name: 'Bar’s end, steeper', exact: true });
  for (let round = 0; round < 6; round++) {
    await wheel(50 - (await stands()));
    await expect.poll(stands).toBe(50);
    await wheel(-12);
    await take.click();
    for (const to of [8, -22]) {
      await wheel(-30);
      await expect.poll(stands).toBe(to);
      await take.click();
    }
    const said = await plain(page, 'What the cards say');
    if (said.includes('leave it')) break;
    const [, by] = /Move the bar’s end by ([\d.]+)/.exec(said)!;
    const fine = Math.round(Number(by) / 0.005);
    const sign = said.includes('steeper') ? '\\+' : '[−-]';
    const press = async (size: string, clickCount: number): Promise<void> => {
      if (clickCount > 0)
        await end.getByRole('button', { name: new RegExp(`${sign}${size}`) }).click({ clickCount });
    };
    await press('0\\.100', Math.floor(fine / 20));
    await press('0\\.005', fine % 20);
  }
  expect(await plain(page, 'What the cards say')).toContain('leave it');
  await page.getByRole('button', { name: 'I say it is right: show the truth' }).click();
  await expect(page.getByRole('region', { name: 'The truth' })).toContainText('✓ Right');
});
