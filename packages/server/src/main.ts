import { readFileSync } from 'node:fs';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildApp } from './app';
import { readConfig } from './config';
import { openDatabase } from './db/open';
import { loadDemoShop } from './demo/load';

const site = fileURLToPath(new URL('../../web/dist', import.meta.url));
const { version } = JSON.parse(readFileSync(new URL('../../../package.json', import.meta.url), 'utf8')) as {
  version: string;
};

async function main(): Promise<void> {
  const config = readConfig(process.env, process.argv.slice(2));
  await mkdir(config.dataFolder, { recursive: true });
  const orm = await openDatabase(join(config.dataFolder, 'anello.sqlite'));
  const app = await buildApp({ orm, version, passphrase: config.passphrase, site, log: true });
  if (!config.empty) await loadDemoShop(app, new Date(), authorization(config.passphrase));
  closeCleanly(async () => {
    await app.close();
    await orm.close();
  });
  const address = await app.listen({ host: config.host, port: config.port });
  console.log(`Anello is at ${address}`);
}

const authorization = (passphrase: string | null): Record<string, string> =>
  passphrase ? { authorization: `Basic ${Buffer.from(`shop:${passphrase}`).toString('base64')}` } : {};

function closeCleanly(close: () => Promise<void>): void {
  let closing = false;
  for (const signal of ['SIGTERM', 'SIGINT'] as const) {
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
