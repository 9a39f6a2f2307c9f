import { AnelloError } from '@anello/core';
import basicAuth from '@fastify/basic-auth';
import helmet from '@fastify/helmet';
import rateLimit from '@fastify/rate-limit';
import type { FastifyInstance } from 'fastify';
import { createHash, timingSafeEqual } from 'node:crypto';

/** Headers, rate limit, same-origin writes, and the shop passphrase where one is set. */
export async function addSecurity(
  app: FastifyInstance,
  options: { passphrase: string | null; requestsPerMinute: number },
): Promise<void> {
  await app.register(helmet, {
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        // The component library and the typeset formulas write style attributes; scripts stay strict.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'", 'data:'],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
  });
  await app.register(rateLimit, {
    max: options.requestsPerMinute,
    timeWindow: '1 minute',
    errorResponseBuilder: () =>
      new AnelloError(
        'too-many',
        null,
        'Too many requests in a minute. Nothing is lost: it is sent again shortly.',
      ),
  });
  refuseForeignWrites(app);
  if (options.passphrase) await askPassphrase(app, options.passphrase);
}

/** A page of another site must not write here with this browser's help. */
function refuseForeignWrites(app: FastifyInstance): void {
  app.addHook('onRequest', async (request) => {
    const { origin, host } = request.headers;
    if (request.method === 'GET' || request.method === 'HEAD' || origin === undefined) return;
    if (hostOf(origin) !== host)
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

async function askPassphrase(app: FastifyInstance, passphrase: string): Promise<void> {
  const digest = (text: string): Buffer => createHash('sha256').update(text).digest();
  const wanted = digest(passphrase);
  const refused = (): AnelloError =>
    new AnelloError('passphrase-needed', null, 'The shop passphrase is missing or wrong.');
  await app.register(basicAuth, {
    authenticate: { realm: 'Anello' },
    validate: async (_user, given) => {
      if (!timingSafeEqual(digest(given), wanted)) throw refused();
    },
  });
  app.addHook('onRequest', (request, reply, done) => {
    if (request.url === '/api/health') return done();
    app.basicAuth(request, reply, (error) => done(error ? refused() : undefined));
  });
}
