import type axe from 'axe-core';
import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

/** As it is shipped to pages: what the package says of itself is twice as long. */
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** A page that has come to rest: what fades in or out has no contrast of its own, and begins to a frame after it was asked to. */
const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const frame = (): Promise<unknown> => new Promise((resolve) => requestAnimationFrame(resolve));
    const passing = (): Animation[] =>
      document
        .getAnimations()
        .filter((a) => Number.isFinite(a.effect?.getComputedTiming().endTime as number));
    // A needle that is alive is never still: then it is looked at as it goes.
    for (let left = 5; left > 0; left--) {
      await Promise.allSettled(passing().map((a) => a.finished));
      await frame();
      await frame();
      if (passing().length === 0) break;
    }
  });

/** What the component library has no word for stands as its key; app/theme/words.ts has its words. */
const unsaid = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('body *')]
      .flatMap((one) => [one.ariaLabel ?? '', one.childElementCount === 0 ? (one.textContent ?? '') : ''])
      .filter((said) => said.includes('$vuetify')),
  );

/** Whatever is seriously wrong, and where. There are no frames of other houses here, so the page is asked itself. */
async function violations(page: Page): Promise<string[]> {
  // As long as a page stands, what has been read into it stands too.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  return page.evaluate(async () => {
    const found = await (window as unknown as { axe: typeof axe }).axe.run(document, {
      resultTypes: ['violations'],
      // Where each thing looked at is would take longer than the looking; what is wrong is told by its own text.
      selectors: false,
    });
    return found.violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(
        ({ id, nodes }) =>
          `${id}: ${nodes
            .slice(0, 3)
            .map(({ html }) => html)
            .join(' | ')}`,
      );
  });
}

/** Nothing serious that a machine can see is in the way of anybody. */
export async function accessible(page: Page, where: string): Promise<void> {
  await settled(page);
  expect(await unsaid(page), where).toEqual([]);
  expect(await violations(page), where).toEqual([]);
}
