import { expect, test as base, type BrowserContext, type Locator, type Page } from '@playwright/test';
import type { ChildProcess } from 'node:child_process';
import { cp, mkdtemp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../scripts/lib.mjs';
import { House } from './house';

/** A real server on its own demo shop: in the house, or in a process of its own that a journey can kill and start again. */
export class Shop {
  private child: ChildProcess | null = null;
  constructor(
    readonly folder: string,
    readonly port: number,
    private readonly house: House | null,
  ) {}
  /** Given to the server beside the usual. */
  env: Record<string, string> = {};

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const { folder, port, env, house } = this;
    if (house) await house.open(port, { HOST: '127.0.0.1', ANELLO_DATA: folder, ...env });
    else this.child = await startServer({ dataFolder: folder, port, env });
  }

  async stop(signal: 'SIGKILL' | 'SIGTERM' = 'SIGKILL'): Promise<void> {
    const { child, house } = this;
    if (house) throw new Error('Who ends a server has one alone: test.use({ ownServer: true }).');
    if (!child || child.exitCode !== null) return;
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill(signal);
    await gone;
    this.child = null;
  }

  /** When a journey is at its end. */
  leave(): Promise<void> {
    return this.house ? this.house.close(this.port) : this.stop('SIGTERM');
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

interface OfJourney {
  shop: Shop;
  /** The journey ends its server, or starts it otherwise. */
  ownServer: boolean;
}
interface OfWorker {
  house: House;
  demo: string;
  port: number;
  warm: BrowserContext;
}

/** What a page can keep: all of it goes before the next journey. */
const KEPT = 'cookies,local_storage,indexeddb,cache_storage,service_workers';

/** A browser that has kept nothing of this address, and has its scripts still. */
async function empty(context: BrowserContext, origin: string): Promise<void> {
  await Promise.all(context.pages().map((page) => page.close()));
  await context.unrouteAll();
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: KEPT });
  await context.clearCookies();
  await page.close();
}

export const test = base.extend<OfJourney, OfWorker>({
  ownServer: [false, { option: true }],
  house: [
    // Playwright reads what a fixture needs from the pattern; this one needs nothing.
    async ({}, use) => {
      const house = new House();
      await use(house);
      house.leave();
    },
    { scope: 'worker' },
  ],
  /** A folder with the demo shop in it, made once: each journey begins with a copy of it. */
  demo: [
    async ({ house }, use) => {
      const folder = await mkdtemp(join(tmpdir(), 'anello-demo-'));
      const shop = new Shop(folder, await freePort(), house);
      await shop.start();
      await workOutRack(shop);
      await shop.leave();
      await use(folder);
      await rm(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  /** Every shop of a worker is at one address, so that its browser knows the scripts that come from there. */
  port: [async ({}, use) => use(await freePort()), { scope: 'worker' }],
  warm: [
    async ({ browser }, use, { project }) => {
      const { viewport = null, serviceWorkers = 'block' } = project.use;
      const warm = await browser.newContext({ viewport, serviceWorkers });
      await use(warm);
      await warm.close();
    },
    { scope: 'worker' },
  ],
  /** One for all journeys that ask for nothing else: reading the scripts anew was a third of their work. */
  context: async ({ warm, browser, viewport, serviceWorkers, port }, use) => {
    if (serviceWorkers === 'block') {
      await empty(warm, `http://127.0.0.1:${port}`);
      await use(warm);
    } else {
      const own = await browser.newContext({ viewport, serviceWorkers });
      await use(own);
      await own.close();
    }
  },
  shop: async ({ page, demo, house, port, ownServer }, use) => {
    const folder = await mkdtemp(join(tmpdir(), 'anello-e2e-'));
    await cp(demo, folder, { recursive: true });
    const shop = new Shop(folder, port, ownServer ? null : house);
    await shop.start();
    const broken: string[] = [];
    page.on('pageerror', (error) => broken.push(error.message));
    await page.addInitScript(() => {
      if (location.protocol === 'http:') localStorage.setItem('anello.operator', 'RK');
    });
    await use(shop);
    await shop.leave();
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

/** Opens a page and waits until nothing more has come for a while; the browser's driver waits for workers that ended. */
export async function openWhole(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.evaluate(async () => {
    const come = (): number => performance.getEntriesByType('resource').length;
    for (let before = -1; before !== come();) {
      before = come();
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
  });
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
