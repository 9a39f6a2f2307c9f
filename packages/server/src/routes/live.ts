import { hereSchema } from '@anello/contract';
import type { WebSocket } from 'ws';
import { listenerAt, perSecond, watchOver } from '../live/socket';
import type { Api, RouteContext } from './routes';

/** A screen says where it is now and then; one that says more in a second is no screen. */
const MOST_IN_A_SECOND = 20;
/** Not what was agreed, and too much of it. */
const POLICY = 1008;

/** What every screen is told of the others, the moment it is kept. Nothing is taken here but where a screen is. */
export function liveRoutes(api: Api, { hub }: RouteContext): void {
  api.get('/api/live', { websocket: true, schema: { hide: true } }, (socket: WebSocket) => {
    const listener = listenerAt(socket);
    hub.join(listener);
    watchOver(socket);
    const judge = perSecond(MOST_IN_A_SECOND);
    socket.on('message', (data, binary) => {
      if (!judge()) return socket.close(POLICY, 'too much at once');
      const here = binary ? null : read(String(data));
      if (!here) return socket.close(POLICY, 'not understood');
      hub.moved(listener, here);
    });
    socket.on('close', () => hub.leave(listener));
  });
}

function read(text: string): ReturnType<typeof hereSchema.parse> | null {
  try {
    return hereSchema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}
