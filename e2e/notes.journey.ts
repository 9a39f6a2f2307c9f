import type { Page } from '@playwright/test';
import { accessible } from './accessible';
import { expect, jobOnServer, OWN_SERVER, test } from './shop';

/** A picture as a camera hands it over: large, and with where it was taken written beside it. */
async function picture(page: Page): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const base64 = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 2400, height: 1800 });
    const pen = canvas.getContext('2d') as CanvasRenderingContext2D;
    pen.fillStyle = '#789';
    pen.fillRect(0, 0, 2400, 1800);
    pen.fillStyle = '#fed';
    pen.fillRect(400, 700, 1500, 300);
    return canvas.toDataURL('image/jpeg').split(',')[1] as string;
  });
  const drawn = Buffer.from(base64, 'base64');
  const where = Buffer.from('Exif\0\0 N 47.3769 E 8.5417');
  const exif = Buffer.concat([Buffer.from([0xff, 0xe1, 0, where.length + 2]), where]);
  const buffer = Buffer.concat([drawn.subarray(0, 2), exif, drawn.subarray(2)]);
  return { name: 'bench.jpg', mimeType: 'image/jpeg', buffer };
}

test(
  'a photo taken while the server is away is seen, sent when it is back, and says nothing of where',
  OWN_SERVER,
  async ({ page, shop }) => {
    await page.goto(`${shop.address}/job/j-101/set`);
    await expect(page.locator('#reading')).toBeVisible();
    const file = await picture(page);
    // What is fetched when nobody waits for anything is there.
    await page.waitForLoadState('networkidle');
    await shop.stop();
    await page.getByRole('button', { name: /Notes and photos/ }).click();
    const box = page.getByRole('region', { name: 'Notes and photos' });
    await box.getByLabel('What the next one should know').fill('Indicator on the bar, stem square');
    await box.locator('input[type=file]').setInputFiles(file);
    const small = box.getByRole('img', { name: 'Photo: Indicator on the bar, stem square' });
    await expect(small).toBeVisible();
    expect(await small.evaluate((img: HTMLImageElement) => img.src.startsWith('data:'))).toBe(true);
    await accessible(page, 'notes and photos');
    await shop.start();
    await expect
      .poll(async () => (await jobOnServer(shop, 'j-101')).records.some((r) => r.body.kind === 'photo'))
      .toBe(true);
    const kept = (await jobOnServer(shop, 'j-101')).records.find((r) => r.body.kind === 'photo');
    const answer = await fetch(`${shop.address}/api/photos/${String(kept?.body['photo'])}`);
    const bytes = Buffer.from(await answer.arrayBuffer());
    expect(bytes.includes('47.3769')).toBe(false);
    await page.reload();
    await page.getByRole('button', { name: 'Notes and photos, 1 here' }).click();
    await expect
      .poll(() =>
        page
          .getByRole('img', { name: /stem square/ })
          .evaluate((img: HTMLImageElement) => [img.naturalWidth, img.naturalHeight]),
      )
      .toEqual([1600, 1200]);
  },
);

test('something is said of a reading, and a file that is no picture is refused', async ({ page, shop }) => {
  await page.goto(`${shop.address}/job/j-102/record`);
  const row = page.locator('.rows > li.stand-off').first();
  await row.getByRole('button', { name: /Say something of it/ }).click();
  await row.getByLabel('What there is to say of it').fill('Needle hung a little here');
  await row.getByRole('button', { name: 'Keep' }).click();
  const under = page.locator('.rows > li.under');
  await expect(under).toContainText('Needle hung a little here');
  // It stands right under the reading it is of.
  await expect(page.locator('.rows > li.stand-off + li.under')).toHaveCount(1);
  await page.getByRole('button', { name: /Notes and photos/ }).click();
  const box = page.getByRole('region', { name: 'Notes and photos' });
  await box
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(box.getByRole('alert')).toContainText('cannot show that file');
});
