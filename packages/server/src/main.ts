import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app';
import { openness, readConfig } from './config';
import { copyBeside } from './copies/beside';
import { Keeper } from './copies/keeper';
import { openBook } from './db/open';
import { namesFor } from './plugins/names';
import { beginEmpty, loadDemoShop } from './demo/load';
import { fillShapes } from './stores/fillShapes';
import { readOneAhead } from './stores/jobs';

const site = fileURLToPath(new URL('../../web/dist', import.meta.url));
const { version } = JSON.parse(readFileSync(new URL('../../../package.json', import.meta.url), 'utf8')) as {
  version: string;
};

/** To whoever started it: what went wrong goes with the process; start it again. */
const START_AGAIN = 75;

async function main(): Promise<void> {
  const config = readConfig(process.env, process.argv.slice(2));
  const open = await openBook(config.dataFolder, () => {
    console.error(
      'A write could be neither finished nor undone. Anello stops, so that nothing is taken that is not kept.',
    );
    process.exit(START_AGAIN);
  });
  if (open.fresh) await (config.empty ? beginEmpty(open.book) : loadDemoShop(open.book, new Date()));
  readOneAhead(open.book);
  const { passphrase, tls, proxy, requestsPerMinute } = config;
  const names = namesFor(config.host, config.names);
  const keeper = new Keeper({
    book: open.book,
    dataFolder: config.dataFolder,
    folder: config.copies,
    copy: copyBeside,
  });
  const app = await buildApp({
    book: open.book,
    keeper,
    version,
    passphrase,
    tls,
    proxy,
    requestsPerMinute,
    names,
    site,
    log: true,
  });
  closeCleanly(async () => {
    await app.close();
    await keeper.stop();
    await open.close();
  });
  const address = await app.listen({ host: config.host, port: config.port });
  console.log(`Anello is at ${address}`);
  for (const line of openness(config)) console.log(line);
  // A book from before shapes were found again: worked out beside whoever asks.
  await fillShapes(open.book);
  keeper.start();
}

function closeCleanly(close: () => Promise<void>): void {
  let closing = false;
  // Whoever started it may be killed without a word: then the channel to it closes.
  for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const) {
    process.on(signal, () => {
      if (closing) return;
      closing = true;
      close().then(
        () => process.exit(0),
        () => process.exit(1),
      );
    });
  }
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
