import { execFile } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';

const run = promisify(execFile);
/** The same that `npm run backup` runs, as it was built. */
const COMMAND = fileURLToPath(new URL('./cli/backup.js', import.meta.url));

/** Copies a folder's book in a process of its own: a thick one takes a while, and nobody at a lathe waits for it. */
export async function copyBeside(dataFolder: string, file: string): Promise<void> {
  try {
    await run(process.execPath, [COMMAND, file], { env: { ...process.env, ANELLO_DATA: dataFolder } });
  } catch (error) {
    const { stderr } = error as { stderr?: string };
    throw new Error(stderr?.trim() || (error as Error).message, { cause: error });
  }
}
