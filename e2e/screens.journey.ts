import { accessible } from './accessible';
import { Bar, expect, openWhole, test } from './shop';
import type { Page } from '@playwright/test';

const SCREENS: Readonly<Record<string, readonly string[]>> = {
  'the rack, the lathes, the kit and the logbook': [
    '/rack',
    '/machines',
    '/machines/long-lathe',
    '/kit',
    '/kit/plug-morse-3',
    '/pin-block',
    '/log',
  ],
  'the tapers': [
    '/identify',
    '/tapers/shop/crank-pin',
    '/tapers',
    '/tapers/collet-seat/25',
    '/nowhere',
    '/job/none/part',
  ],
  'a job’s stages': [
    '/job/j-101/part',
    '/job/j-101/plan',
    '/job/j-101/way',
    '/job/j-101/set',
    '/job/j-108/cut',
    '/job/j-102/prove',
    '/job/j-109/record',
  ],
  'where work begins, and who and what there is': [
    '/new',
    '/practice/job?job=j-104',
    '/practice',
    '/kit/new/material',
    '/people',
    '/book',
    '/lost',
  ],
  'a job without a taper': ['/job/j-104/part', '/job/j-104/set', '/job/j-106/cut', '/job/j-103/set'],
};

const PHONE = { width: 390, height: 844 };
const TABLET = { width: 1024, height: 768 };
const BENCH = { width: 1280, height: 800 };

/** What is wider than the room it has, and words that end in dots for want of it. */
const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const isWider = (el: Element): boolean => el.scrollWidth > el.clientWidth + 1;
    const isCut = (el: Element): boolean => {
      const { textOverflow, visibility, webkitLineClamp } = getComputedStyle(el);
      if (visibility === 'hidden' || el.textContent === '' || el.clientWidth === 0) return false;
      // What a tap opens may be told short before.
      if (webkitLineClamp !== 'none')
        return el.scrollHeight > el.clientHeight + 1 && !el.closest('[aria-expanded="false"]');
      return textOverflow === 'ellipsis' && isWider(el);
    };
    return [
      ...[...document.querySelectorAll('main, .job, header, form, [role=group]')]
        .filter(isWider)
        .map((el) => el.className),
      ...[...document.querySelectorAll('body *')]
        .filter(isCut)
        .map((el) => `“${el.textContent?.trim() ?? ''}”`),
    ];
  });

// Opened once, as on a phone, and widened; the next by its address in the page that stands: a load costs more than what is looked at.
for (const [what, places] of Object.entries(SCREENS)) {
  test(`nothing is cut off on any screen, nor serious for axe: ${what}`, async ({ page, shop }) => {
    for (const place of places) {
      await page.setViewportSize(PHONE);
      await openWhole(page, shop, place);
      for (const size of [PHONE, TABLET, BENCH]) {
        await page.setViewportSize(size);
        expect(await cutOff(page), `${place}, ${size.width} wide`).toEqual([]);
      }
      await accessible(page, place);
    }
  });
}

test('nothing serious for axe across the shop', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-101/set`);
  await expect(page.getByText('Reading at 75 mm')).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByRole('dialog', { name: 'Across the shop' })).toBeVisible();
  await accessible(page, 'across the shop');
});

for (const [where, size] of [
  ['a phone', PHONE],
  ['a tablet', TABLET],
] as const)
  test(`a reading is kept on ${where}`, async ({ page, shop }) => {
    const bar = new Bar(page);
    await page.setViewportSize(size);
    await page.goto(`${shop.address}/job/j-101/set`);
    await bar.keep('1.893');
    await expect(page.locator('.nudge')).toContainText('0.026');
  });
