import { wireLineJsonSchema, type WireRefused } from '@anello/contract';
import type { WebSocket } from 'ws';
import { listenerAt, watchOver } from '../live/socket';
import type { Source } from '../wire/gathering';
import type { Api, RouteContext } from './routes';

/** Where a source sends its lines; who may only look may not. */
const FEED = '/api/wire/feed';
/** An instrument whose cable was pulled is to be missed soon, ms. */
const ALIVE_EVERY = 2000;

/** Readings of the shop's instruments: gathered from their sources, a line each, and handed on to the screens. */
export function wireRoutes(api: Api, { wire }: RouteContext): void {
  api.get('/api/wire', { websocket: true, schema: { hide: true } }, (socket: WebSocket) => {
    const listener = listenerAt(socket);
    wire.listen(listener);
    watchOver(socket);
    // A screen has nothing to say here.
    socket.on('message', () => socket.close(1008, 'not understood'));
    socket.on('close', () => wire.leave(listener));
  });
  api.get(FEED, { websocket: true, schema: { hide: true } }, (socket: WebSocket) => {
    const source: Source = {
      refuse: (said) => {
        const told: WireRefused = { is: 'refused', said };
        socket.send(JSON.stringify(told));
      },
    };
    wire.begin(source);
    watchOver(socket, ALIVE_EVERY);
    socket.on('message', (data, binary) => {
      if (binary) return source.refuse('Lines of text, please.');
      for (const line of String(data).split('\n')) if (line.trim() !== '') wire.take(source, line);
    });
    socket.on('close', () => wire.end(source));
  });
  api.get('/api/schemas/instrument-line.json', { schema: { hide: true } }, async () => wireLineJsonSchema());
}
