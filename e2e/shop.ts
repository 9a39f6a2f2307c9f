import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Locator, type Page } from '@playwright/test';
import type { ChildProcess } from 'node:child_process';
import { cp, mkdtemp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../scripts/lib.mjs';

/** A real server on its own demo shop, that a journey can kill and start again. */
export class Shop {
  private child: ChildProcess | null = null;
  constructor(
    readonly folder: string,
    readonly port: number,
  ) {}
  /** Given to the server beside the usual. */
  env: Record<string, string> = {};

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    this.child = await startServer({ dataFolder: this.folder, port: this.port, env: this.env });
  }

  async stop(signal: 'SIGKILL' | 'SIGTERM' = 'SIGKILL'): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
    this.child = null;
  }
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });
}

/** Written beside its jobs soon after it was first asked for: a shop whose rack somebody has looked at, as any has. */
async function workOutRack({ address }: Shop): Promise<void> {
  await fetch(`${address}/api/jobs`);
  // Nothing asked of it tells when that is done; a card that was not written is worked out again, and is as right.
  await new Promise((resolve) => setTimeout(resolve, 1500));
}

export const test = base.extend<{ shop: Shop }, { demo: string }>({
  /** A folder with the demo shop in it, made once: each journey begins with a copy of it. */
  demo: [
    // Playwright reads what a fixture needs from the pattern; this one needs nothing.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const folder = await mkdtemp(join(tmpdir(), 'anello-demo-'));
      const shop = new Shop(folder, await freePort());
      await shop.start();
      await workOutRack(shop);
      await shop.stop('SIGTERM');
      await use(folder);
      await rm(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  shop: async ({ page, demo }, use) => {
    const folder = await mkdtemp(join(tmpdir(), 'anello-e2e-'));
    await cp(demo, folder, { recursive: true });
    const shop = new Shop(folder, await freePort());
    await shop.start();
    const broken: string[] = [];
    page.on('pageerror', (error) => broken.push(error.message));
    await page.addInitScript(() => {
      if (location.protocol === 'http:') localStorage.setItem('anello.operator', 'RK');
    });
    await use(shop);
    await shop.stop('SIGTERM');
    await rm(folder, { recursive: true, force: true });
    expect(broken, 'errors thrown in the page').toEqual([]);
  },
});

export { expect };

/** The reading bar at the bottom. */
export class Bar {
  readonly input: Locator;
  constructor(private readonly page: Page) {
    this.input = page.locator('#reading');
  }

  async keep(text: string): Promise<void> {
    await this.input.fill(text);
    await this.input.press('Enter');
    // Kept: the bar is empty again, or asks for nothing to be typed.
    await expect.poll(async () => ((await this.input.count()) === 0 ? '' : this.input.inputValue())).toBe('');
  }

  async does(name: string | RegExp): Promise<void> {
    await this.page.locator('form.bar').getByRole('button', { name }).click();
  }
}

/** Picks from a list that opens, once its box has come to rest. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page
    .locator('.v-field')
    .filter({ has: page.getByLabel(label) })
    .click();
  await page.getByRole('option', { name: option }).click();
}

/** A page that has come to rest: what fades in has no contrast of its own yet. */
const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const passing = document
      .getAnimations()
      .filter((a) => Number.isFinite(a.effect?.getComputedTiming().endTime as number));
    await Promise.allSettled(passing.map((a) => a.finished));
  });

/** Nothing serious that a machine can see is in the way of anybody. */
export async function accessible(page: Page, where: string): Promise<void> {
  await settled(page);
  // In the page itself (there are no frames of other houses here), and only what is wrong: half the work of the usual run.
  const { violations } = await new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(
    serious.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    ),
    where,
  ).toEqual([]);
}

/** The figures of a job as the server has them. */
export async function jobOnServer(
  shop: Shop,
  id: string,
): Promise<{
  job: {
    version: number;
    document: { title: string; features: { name: string; diameter?: { value: number } }[] };
  };
  records: {
    id: string;
    piece: number;
    operator: string;
    body: { kind: string } & Record<string, unknown>;
  }[];
}> {
  return (await fetch(`${shop.address}/api/jobs/${id}`)).json();
}
