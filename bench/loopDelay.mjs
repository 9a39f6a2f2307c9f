// Loaded into a server that is measured: on SIGUSR2 it writes how long its event loop was held since the last one, ms.
import { writeFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';

const held = monitorEventLoopDelay({ resolution: 2 });
held.enable();
process.on('SIGUSR2', () => {
  writeFileSync(
    process.env.ANELLO_BENCH_LOOP ?? 'loop.json',
    JSON.stringify({ worst: held.max / 1e6, p99: held.percentile(99) / 1e6 }),
  );
  held.reset();
});
