import { AnelloError } from '@anello/core/basics';
import type { FastifyInstance } from 'fastify';
import { hostname, networkInterfaces } from 'node:os';

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];
const EVERYWHERE = new Set(['0.0.0.0', '::', '']);

export const isLoopback = (host: string): boolean => LOOPBACK.includes(host) || host === '::1';

/**
 * The names this server answers to. A page of any other name that was made to lead here is refused: on this machine alone
 * only its own names; on the network the addresses it listens at, the machine's name and those it was told.
 */
export function namesFor(host: string, told: readonly string[] = []): ReadonlySet<string> {
  if (isLoopback(host)) return new Set([...LOOPBACK, ...told.map(lower)]);
  const own = EVERYWHERE.has(host)
    ? Object.values(networkInterfaces()).flatMap((all) => (all ?? []).map((a) => bracketed(a.address)))
    : [bracketed(host)];
  return new Set([...LOOPBACK, ...own, hostname(), `${hostname()}.local`, ...told].map(lower));
}

const lower = (name: string): string => name.trim().toLowerCase();
const bracketed = (address: string): string => (address.includes(':') ? `[${address}]` : address);

/** A Host header without its port. */
const nameIn = (host: string): string => lower(host).replace(/:\d+$/, '');

/** Refuses requests for other names, and those a page of another site makes, whatever they ask. */
export function refuseOtherNames(app: FastifyInstance, names: ReadonlySet<string>): void {
  app.addHook('onRequest', async (request) => {
    const { host, origin } = request.headers;
    if (host === undefined || !names.has(nameIn(host)))
      throw new AnelloError('wrong-origin', null, 'This Anello is not served under that name.');
    if (origin !== undefined && hostOf(origin) !== host)
      throw new AnelloError('wrong-origin', null, 'That request comes from another site.');
  });
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
