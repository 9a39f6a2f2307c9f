import compress from '@fastify/compress';
import fastifyStatic from '@fastify/static';
import type { FastifyInstance } from 'fastify';
import { sendNotFound } from './errors';

/** Serves the built web side; any place of the app answers its one page, so that deep links work. */
export async function addSite(app: FastifyInstance, folder: string): Promise<void> {
  await app.register(compress, { global: true, encodings: ['br', 'gzip'], threshold: 1024 });
  await app.register(fastifyStatic, {
    root: folder,
    cacheControl: false,
    preCompressed: true,
    setHeaders: (reply, path) => {
      const hashed = path.includes('/assets/');
      reply.setHeader('cache-control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
  app.setNotFoundHandler((request, reply) => {
    const isPlace =
      request.method === 'GET' && !request.url.startsWith('/api/') && !request.url.startsWith('/assets/');
    if (isPlace) return reply.header('cache-control', 'no-cache').sendFile('index.html');
    return sendNotFound(reply);
  });
}
