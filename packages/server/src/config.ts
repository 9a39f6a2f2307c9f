import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { copiesFolder } from './db/files';
import { isLoopback } from './plugins/names';

/** Everything the server can be told from outside, validated once at start. */
export interface Config {
  readonly host: string;
  readonly port: number;
  /** Folder the book lives in. */
  readonly dataFolder: string;
  /** Folder the book's copies are kept in. */
  readonly copies: string;
  readonly passphrase: string | null;
  /** Names, besides its own, under which it is reached. */
  readonly names: readonly string[];
  readonly tls: { readonly cert: string; readonly key: string } | null;
  readonly proxy: boolean;
  /** Of one address; more are answered with "too many" until the minute is over. */
  readonly requestsPerMinute: number;
  /** Start without the demo shop. */
  readonly empty: boolean;
}

const LEAST_PASSPHRASE = 8;
/** A tablet asks a few times a minute; this machine’s own programs, bench and tests among them, much oftener. */
export const FROM_A_TABLET = 3000;
const FROM_HERE = 120_000;
const environment = z.object({
  HOST: z.string().min(1).default('127.0.0.1'),
  PORT: z.coerce.number().int().min(0).max(65535).default(4600),
  ANELLO_DATA: z.string().min(1).default('data'),
  ANELLO_COPIES: z.string().min(1).optional(),
  ANELLO_PASSPHRASE: z
    .string()
    .refine((text) => new Set(text.trim()).size >= 4 && text.trim().length >= LEAST_PASSPHRASE, {
      message:
        'a passphrase has eight characters or more, of at least four kinds, spaces at its ends not counted.',
    })
    .optional(),
  ANELLO_NAMES: z.string().default(''),
  ANELLO_TLS_CERT: z.string().optional(),
  ANELLO_TLS_KEY: z.string().optional(),
  ANELLO_REQUESTS_PER_MINUTE: z.coerce.number().int().min(60).max(1_000_000).optional(),
  ANELLO_PROXY: z.enum(['0', '1']).default('0'),
});

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
  const { HOST, PORT, ANELLO_DATA, ANELLO_PASSPHRASE, ANELLO_NAMES, ANELLO_PROXY } = read.data;
  if (!isLoopback(HOST) && !ANELLO_PASSPHRASE) {
    throw new Error(
      `Listening on ${HOST} needs a shop passphrase: set ANELLO_PASSPHRASE (8 characters or more), or leave HOST at 127.0.0.1.`,
    );
  }
  return {
    host: HOST,
    port: PORT,
    dataFolder: ANELLO_DATA,
    copies: read.data.ANELLO_COPIES ?? copiesFolder(ANELLO_DATA),
    passphrase: ANELLO_PASSPHRASE ?? null,
    names: ANELLO_NAMES.split(',').filter((name) => name.trim() !== ''),
    tls: certificate(read.data.ANELLO_TLS_CERT, read.data.ANELLO_TLS_KEY),
    proxy: ANELLO_PROXY === '1',
    requestsPerMinute: read.data.ANELLO_REQUESTS_PER_MINUTE ?? (isLoopback(HOST) ? FROM_HERE : FROM_A_TABLET),
    empty: flags.includes('--empty'),
  };
}

function certificate(cert: string | undefined, key: string | undefined): Config['tls'] {
  if (!cert && !key) return null;
  if (!cert || !key)
    throw new Error('ANELLO_TLS_CERT and ANELLO_TLS_KEY go together: the paths of two PEM files.');
  try {
    return { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') };
  } catch (error) {
    throw new Error(`The certificate could not be read: ${(error as Error).message}.`, { cause: error });
  }
}

/** Who can come in and what travels in clear, in a few lines for the start. */
export function openness({ host, passphrase, tls, proxy }: Config): string[] {
  if (isLoopback(host)) return ['Only this machine can reach it.'];
  return [
    `Everybody who reaches ${host} on the network can ask for the passphrase’s door.`,
    ...(passphrase ? ['Who gives the shop passphrase can read and write everything.'] : []),
    tls || proxy
      ? 'What travels is encrypted as far as the certificate’s owner.'
      : 'What travels is NOT encrypted, the passphrase included: anybody on the network can read it. Set ANELLO_TLS_CERT and ANELLO_TLS_KEY, or put it behind a proxy that has a certificate (ANELLO_PROXY=1).',
  ];
}
