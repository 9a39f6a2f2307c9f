import { AnelloError } from '@anello/core/basics';
import helmet from '@fastify/helmet';
import rateLimit from '@fastify/rate-limit';
import type { FastifyInstance } from 'fastify';
import type { Book } from '../db/book';
import { refuseOtherNames } from './names';
import { addSignIn } from './signIn';
import { refuseUnkeepableText } from './text';

/** Names, headers, text that can be kept, the shop passphrase where one is set, and a limit of requests. */
export async function addSecurity(
  app: FastifyInstance,
  options: {
    book: Book;
    passphrase: string | null;
    names: ReadonlySet<string>;
    secure: boolean;
    requestsPerMinute: number;
  },
): Promise<void> {
  refuseOtherNames(app, options.names);
  refuseUnkeepableText(app);
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
    strictTransportSecurity: options.secure,
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
  addSignIn(app, options);
}
