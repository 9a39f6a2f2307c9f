import { z } from 'zod';

/** Everything the server can be told from outside, validated once at start. */
export interface Config {
  readonly host: string;
  readonly port: number;
  /** Folder the database lives in. */
  readonly dataFolder: string;
  readonly passphrase: string | null;
  /** Start without the demo shop. */
  readonly empty: boolean;
}

const environment = z.object({
  HOST: z.string().min(1).default('127.0.0.1'),
  PORT: z.coerce.number().int().min(0).max(65535).default(4600),
  ANELLO_DATA: z.string().min(1).default('data'),
  ANELLO_PASSPHRASE: z.string().min(8).optional(),
});

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '::1']);
const KNOWN_FLAGS = new Set(['--empty']);

/**
 * Reads the environment and command line. Anything other than loopback needs a shop passphrase: without
 * one the server refuses to start, since anybody on the network could change a setting.
 */
export function readConfig(env: Record<string, string | undefined>, flags: readonly string[]): Config {
  const unknown = flags.find((flag) => !KNOWN_FLAGS.has(flag));
  if (unknown) throw new Error(`Unknown option ${unknown}. The only one is --empty.`);
  const read = environment.safeParse(env);
  if (!read.success) {
    const issue = read.error.issues[0];
    throw new Error(`${issue?.path.join('.') ?? 'environment'}: ${issue?.message ?? 'not understood'}`);
  }
  const { HOST, PORT, ANELLO_DATA, ANELLO_PASSPHRASE } = read.data;
  if (!LOOPBACK.has(HOST) && !ANELLO_PASSPHRASE) {
    throw new Error(
      `Listening on ${HOST} needs a shop passphrase: set ANELLO_PASSPHRASE (8 characters or more), or leave HOST at 127.0.0.1.`,
    );
  }
  return {
    host: HOST,
    port: PORT,
    dataFolder: ANELLO_DATA,
    passphrase: ANELLO_PASSPHRASE ?? null,
    empty: flags.includes('--empty'),
  };
}
