import { openness, readConfig } from './config';
import { serve } from './serve';

/** To whoever started it: what went wrong goes with the process; start it again. */
const START_AGAIN = 75;

async function main(): Promise<void> {
  const config = readConfig(process.env, process.argv.slice(2));
  const served = await serve(config, () => {
    console.error(
      'A write could be neither finished nor undone. Anello stops, so that nothing is taken that is not kept.',
    );
    process.exit(START_AGAIN);
  });
  closeCleanly(served.close);
  console.log(`Anello is at ${served.address}`);
  for (const line of openness(config)) console.log(line);
  await served.settled;
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
