// Bundles the server with the packages it uses: a start reads a few files instead of transpiling and finding some thousand.
import { build } from 'esbuild';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib.mjs';

/** Loaded by their own paths, or drivers of databases that Anello has not. */
const OUTSIDE = [
  'libsql',
  '@libsql/*',
  'better-sqlite3',
  'mariadb',
  'mysql',
  'mysql2',
  'oracledb',
  'pg',
  'pg-query-stream',
  'sqlite3',
  'tedious',
];

/** What packages written for the older module system find about themselves. */
const OLDER = `import { createRequire as requireFrom } from 'node:module';
import { fileURLToPath as pathOf } from 'node:url';
import { dirname as folderOf } from 'node:path';
const require = requireFrom(import.meta.url), __filename = pathOf(import.meta.url), __dirname = folderOf(__filename);`;

/** What the journeys' house serves its shops with. */
const FOR_JOURNEYS = ['src/serve.ts', 'src/config.ts'];

const outdir = join(root, 'packages/server/dist');
rmSync(outdir, { recursive: true, force: true });
await build({
  absWorkingDir: join(root, 'packages/server'),
  // The thread that copies the book is a file of its own, as is each program beside the server.
  entryPoints: [
    'src/main.ts',
    'src/copies/copying.ts',
    'src/cli/bridge.ts',
    'src/cli/standIn.ts',
    ...FOR_JOURNEYS,
  ],
  outdir,
  bundle: true,
  splitting: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  external: OUTSIDE,
  banner: { js: OLDER },
  // The form of a book is brought up by classes known by their names.
  keepNames: true,
  logLevel: 'warning',
});
