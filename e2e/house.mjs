// A process with many shops in it, one after another: what a server is made of is read and warmed up once, not for each
// journey. It opens and closes them as it is told; e2e/house.ts tells it.
import { readConfig } from '../packages/server/dist/config.js';
import { serve } from '../packages/server/dist/serve.js';

/** By their ports. */
const standing = new Map();

const asked = {
  async open({ port, env }) {
    const served = await serve(readConfig({ ...process.env, ...env, PORT: String(port) }, []), () =>
      process.exit(1),
    );
    standing.set(port, served);
    await served.settled;
  },
  async close({ port }) {
    const served = standing.get(port);
    standing.delete(port);
    await served?.close();
  },
};

process.on('message', ({ number, what, ...rest }) => {
  asked[what](rest).then(
    () => process.send?.({ number }),
    (error) => process.send?.({ number, failed: error instanceof Error ? error.message : String(error) }),
  );
});
// Whoever started it is gone, however it went.
process.on('disconnect', () => process.exit(0));
