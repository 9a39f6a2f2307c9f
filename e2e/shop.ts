import {
  expect,
  test as base,
  type BrowserContext,
  type Locator,
  type Page,
  type ViewportSize,
} from '@playwright/test';
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
  /** It was ended before its time. */
  lost = false;

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
    this.lost = true;
    if (house && signal === 'SIGTERM') return house.close(this.port);
    if (house) throw new Error('Who kills a server has one alone: OWN_SERVER.');
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

/** The journey kills its server, or wrecks what it stands on. */
export const OWN_SERVER = { tag: '@own-server' };
/** The journey puts something into its page that cannot be taken out again. */
export const OWN_PAGE = { tag: '@own-page' };
const FOR_GOOD = ['addInitScript', 'routeWebSocket', 'exposeFunction', 'exposeBinding'] as const;

interface OfJourney {
  shop: Shop;
}

interface OfWorker {
  house: House;
  demo: string;
  port: number;
  warm: BrowserContext;
}

/** Who is at the machine, so that nobody is asked. */
const OPERATOR = 'RK';

/** What a page can keep: all of it goes before the next journey. */
const KEPT = 'cookies,local_storage,indexeddb,cache_storage,service_workers';

/** Somewhere of a shop where nothing is at work. */
const QUIET = '/api/health';

/** A page that journeys share keeps what is put into it for good; who needs that has one alone. */
async function shared(context: BrowserContext): Promise<Page> {
  const [standing] = context.pages();
  if (standing) return standing;
  const page = await context.newPage();
  for (const name of FOR_GOOD)
    page[name] = () => Promise.reject(new Error(`Who asks for ${name} has a page alone: OWN_PAGE.`));
  return page;
}

/** As a new one would be, but for the scripts that it knows: nothing is kept in it, and nothing was asked of it. */
async function asNew(page: Page, { address }: Shop, viewport: ViewportSize | null): Promise<void> {
  // Where the journey before left it, at the same address.
  if (page.url() !== address + QUIET) await page.goto(address + QUIET);
  const session = await page.context().newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin: address, storageTypes: KEPT });
  await session.detach();
  await page.context().clearCookies();
  await page.evaluate((operator) => {
    sessionStorage.clear();
    localStorage.setItem('anello.operator', operator);
  }, OPERATOR);
  if (viewport) await page.setViewportSize(viewport);
}

/**
 * Whatever the shared page was doing ends with the journey, before another shop stands at the same address. Where the server
 * was ended the page goes too: a browser that lost a live line is slow to open others from the same process.
 */
async function leave(page: Page, { address, lost }: Shop): Promise<void> {
  const context = page.context();
  const gone = context.pages().filter((one) => one !== page || lost);
  await Promise.all(gone.map((one) => one.close()));
  await context.unrouteAll({ behavior: 'ignoreErrors' });
  if (page.isClosed()) return;
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.goto(address + QUIET);
}

export const test = base.extend<OfJourney, OfWorker>({
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
  shop: async ({ demo, house, port }, use, { tags }) => {
    const folder = await mkdtemp(join(tmpdir(), 'anello-e2e-'));
    await cp(demo, folder, { recursive: true });
    const shop = new Shop(folder, port, tags.includes(OWN_SERVER.tag) ? null : house);
    await shop.start();
    await use(shop);
    await shop.leave();
    await rm(folder, { recursive: true, force: true });
  },
  /** One for all journeys that ask for nothing else: a new one reads the scripts anew, which is as much as a short journey. */
  page: async ({ warm, shop, browser, viewport, serviceWorkers }, use, { tags }) => {
    const alone = serviceWorkers !== 'block' || tags.includes(OWN_PAGE.tag);
    const context = alone ? await browser.newContext({ viewport, serviceWorkers }) : warm;
    const page = alone ? await context.newPage() : await shared(context);
    await asNew(page, shop, viewport);
    const broken: string[] = [];
    const heard = (error: Error): void => void broken.push(error.message);
    page.on('pageerror', heard);
    await use(page);
    await (alone ? context.close() : leave(page, shop));
    page.off('pageerror', heard);
    expect(broken, 'errors thrown in the page').toEqual([]);
  },
  context: async ({ page }, use) => use(page.context()),
});

/** Asked ten times a second: by itself it looks less and less often, and sees what came late a second later still. */
const OFTEN = { intervals: [50, 100] };
const { poll } = expect;
expect.poll = (asked, given) =>
  poll(asked, { ...OFTEN, ...(typeof given === 'string' ? { message: given } : given) });

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

/** Goes to another view of the job that is open, by its tab: as a hand does, and what the page has read stays read. */
export async function toView(
  page: Page,
  name: 'Part' | 'Plan' | 'Way' | 'Set' | 'Cut' | 'Prove' | 'Record',
): Promise<void> {
  const tab = page.getByRole('navigation', { name: 'Stages of the work' }).getByRole('link', { name });
  await tab.click();
  await expect(tab).toHaveAttribute('aria-current', 'page');
}

/** Leads a page that stands to another place, as a link of its own does: what it has read stays read. */
export async function lead(page: Page, place: string): Promise<void> {
  const shown = (): Promise<string> => page.locator('#app').innerText();
  const before = await shown();
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: null }));
  }, place);
  await expect.poll(shown, `${place} is shown`).not.toBe(before);
}

/** Opens a place and waits until nothing more has come for a while; the browser's driver waits for workers that ended. */
export async function openWhole(page: Page, { address }: Shop, place: string): Promise<void> {
  const stands = page.url().startsWith(address) && !page.url().endsWith(QUIET);
  await (stands ? lead(page, place) : page.goto(address + place));
  await page.evaluate(async () => {
    performance.setResourceTimingBufferSize(5000);
    const come = (): number => performance.getEntriesByType('resource').length;
    for (let before = -1; before !== come();) {
      before = come();
      await new Promise((resolve) => setTimeout(resolve, 250));
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
