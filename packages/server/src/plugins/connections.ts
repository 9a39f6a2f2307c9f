import type { FastifyInstance } from 'fastify';
import type { Socket } from 'node:net';

/** A shop's tablet opens a handful; one address that opens hundreds is not one. */
const FOR_ONE_ADDRESS = 64;

/** How long a request may take to come in, ms: a half one must not hold its connection for minutes. */
export const TIMES = {
  /** Node looks at them this often. */
  connectionsCheckingInterval: 1000,
  headersTimeout: 8000,
  requestTimeout: 30_000,
  keepAliveTimeout: 10_000,
} as const;

/** Closes the connections of one address past its number. */
export function limitConnections(app: FastifyInstance, most: number = FOR_ONE_ADDRESS): void {
  const open = new Map<string, number>();
  app.server.on('connection', (socket: Socket) => {
    const address = socket.remoteAddress ?? '';
    const now = (open.get(address) ?? 0) + 1;
    open.set(address, now);
    socket.once('close', () => {
      const left = (open.get(address) ?? 1) - 1;
      if (left > 0) open.set(address, left);
      else open.delete(address);
    });
    if (now > most) socket.destroy();
  });
}
