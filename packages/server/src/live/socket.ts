import type { WebSocket } from 'ws';
import type { Listener } from './hub';

/** Asked for a sign of life this often, ms; one that gave none since the last time is gone. */
const ALIVE_EVERY = 15_000;
const SECOND = 1000;

/** A socket as those see it who tell it things. */
export const listenerAt = (socket: WebSocket): Listener => ({
  send: (text) => socket.send(text),
  waiting: () => socket.bufferedAmount,
  drop: () => socket.terminate(),
});

/** Ends a connection whose other end does not answer, asked every so often, ms. */
export function watchOver(socket: WebSocket, every: number = ALIVE_EVERY): void {
  let alive = true;
  socket.on('pong', () => (alive = true));
  const timer = setInterval(() => {
    if (!alive) return socket.terminate();
    alive = false;
    socket.ping();
  }, every);
  timer.unref();
  socket.on('close', () => clearInterval(timer));
  // Said by the other end and of no matter to anybody else: the close follows.
  socket.on('error', () => undefined);
}

/** False from the first that is one too many in its second. */
export function perSecond(most: number): () => boolean {
  let since = Date.now();
  let count = 0;
  return () => {
    const now = Date.now();
    if (now - since > SECOND) [since, count] = [now, 0];
    return ++count <= most;
  };
}
