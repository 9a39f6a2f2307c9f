import { hereSchema } from '@anello/contract';
import type { WebSocket } from 'ws';
import type { Listener } from '../live/hub';
import type { Api, RouteContext } from './routes';

/** Asked for a sign of life this often, ms; one that gave none since the last time is gone. */
const ALIVE_EVERY = 15_000;
/** A screen says where it is now and then; one that says more in a second is no screen. */
const MOST_IN_A_SECOND = 20;
const SECOND = 1000;
/** Not what was agreed, and too much of it. */
const POLICY = 1008;

/** What every screen is told of the others, the moment it is kept. Nothing is taken here but where a screen is. */
export function liveRoutes(api: Api, { hub }: RouteContext): void {
  api.get('/api/live', { websocket: true, schema: { hide: true } }, (socket: WebSocket) => {
    const listener: Listener = {
      send: (text) => socket.send(text),
      waiting: () => socket.bufferedAmount,
      drop: () => socket.terminate(),
    };
    hub.join(listener);
    const stop = watchOver(socket);
    const judge = perSecond(MOST_IN_A_SECOND);
    socket.on('message', (data, binary) => {
      if (!judge()) return socket.close(POLICY, 'too much at once');
      const here = binary ? null : read(String(data));
      if (!here) return socket.close(POLICY, 'not understood');
      hub.moved(listener, here);
    });
    socket.on('close', () => {
      stop();
      hub.leave(listener);
    });
    // Said by the other end and of no matter to anybody else: the close follows.
    socket.on('error', () => undefined);
  });
}

function read(text: string): ReturnType<typeof hereSchema.parse> | null {
  try {
    return hereSchema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}

/** Ends a connection whose other end does not answer. */
function watchOver(socket: WebSocket): () => void {
  let alive = true;
  socket.on('pong', () => (alive = true));
  const timer = setInterval(() => {
    if (!alive) return socket.terminate();
    alive = false;
    socket.ping();
  }, ALIVE_EVERY);
  timer.unref();
  return () => clearInterval(timer);
}

/** False from the first that is one too many in its second. */
function perSecond(most: number): () => boolean {
  let since = Date.now();
  let count = 0;
  return () => {
    const now = Date.now();
    if (now - since > SECOND) [since, count] = [now, 0];
    return ++count <= most;
  };
}
