import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app';
import type { Config } from './config';
import { copyBeside } from './copies/beside';
import { Keeper } from './copies/keeper';
import { openBook, type OpenBook } from './db/open';
import { beginEmpty, loadDemoShop } from './demo/load';
import { namesFor } from './plugins/names';
import { fillShapes } from './stores/fillShapes';
import { readOneAhead } from './stores/jobs';

const site = fileURLToPath(new URL('../../web/dist', import.meta.url));
const { version } = JSON.parse(readFileSync(new URL('../../../package.json', import.meta.url), 'utf8')) as {
  version: string;
};

/** A shop's book, and what answers for it. */
export interface Served {
  readonly address: string;
  /** What is worked out beside whoever asks is done. */
  readonly settled: Promise<void>;
  /** Finishes what it was asked, and closes the book. */
  close(): Promise<void>;
}

/**
 * Opens the book in a folder, begins it where there is none, and answers for it. `lost` is called when a write could be
 * neither finished nor undone: nothing may be taken after it. Errors: as the book's; a port that is not free.
 */
export async function serve(config: Config, lost: () => void): Promise<Served> {
  const open = await openBook(config.dataFolder, lost);
  try {
    return await answerFor(open, config);
  } catch (error) {
    await open.close();
    throw error;
  }
}

async function answerFor({ book, fresh, close }: OpenBook, config: Config): Promise<Served> {
  if (fresh) await (config.empty ? beginEmpty(book) : loadDemoShop(book, new Date()));
  readOneAhead(book);
  const { passphrase, tls, proxy, requestsPerMinute } = config;
  const keeper = new Keeper({
    book,
    dataFolder: config.dataFolder,
    folder: config.copies,
    copy: copyBeside,
  });
  const app = await buildApp({
    book,
    keeper,
    version,
    passphrase,
    tls,
    proxy,
    requestsPerMinute,
    names: namesFor(config.host, config.names),
    site,
    log: true,
  });
  const address = await app.listen({ host: config.host, port: config.port });
  let closing = false;
  // A book from before shapes were found again: worked out beside whoever asks.
  async function settle(): Promise<void> {
    try {
      await fillShapes(book);
      if (!closing) keeper.start();
    } catch (error) {
      if (!closing) throw error;
    }
  }
  return {
    address,
    settled: settle(),
    async close() {
      closing = true;
      await app.close();
      await keeper.stop();
      await close();
    },
  };
}
