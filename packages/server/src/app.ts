import swagger from '@fastify/swagger';
import websocket from '@fastify/websocket';
import fastify, { type FastifyInstance, type FastifyServerOptions } from 'fastify';
import {
  jsonSchemaTransform,
  serializerCompiler,
  validatorCompiler,
  type ZodTypeProvider,
} from 'fastify-type-provider-zod';
import type { Book } from './db/book';
import { limitConnections, TIMES } from './plugins/connections';
import { addErrorHandling, sendNotFound } from './plugins/errors';
import { namesFor } from './plugins/names';
import { addSecurity } from './plugins/security';
import { addSite } from './plugins/site';
import { liveRoutes } from './routes/live';
import { wireRoutes } from './routes/wire';
import { logRoutes } from './routes/log';
import { bundleRoutes } from './routes/bundle';
import { copyRoutes } from './routes/copies';
import { healthRoutes } from './routes/health';
import { jobRoutes } from './routes/jobs';
import { machineRoutes } from './routes/machines';
import { peopleRoutes } from './routes/people';
import { practiceRoutes } from './routes/practice';
import { photoRoutes } from './routes/photos';
import { recordRoutes } from './routes/records';
import { shelfRoutes } from './routes/shelf';
import { FROM_A_TABLET } from './config';
import { Turns } from './routes/turns';
import type { Keeper } from './copies/keeper';
import { Hub } from './live/hub';
import { Gathering } from './wire/gathering';
import { RackOf } from './stores/rack';

export interface AppOptions {
  readonly book: Book;
  readonly version: string;
  /** Who keeps the book's copies; nobody where left out. */
  readonly keeper?: Keeper;
  readonly passphrase?: string | null;
  /** The names it answers to; this machine's own alone where left out. */
  readonly names?: ReadonlySet<string>;
  /** Certificate and key, PEM. */
  readonly tls?: { readonly cert: string; readonly key: string } | null;
  /** Behind a proxy that says who asks and whether they came by https. */
  readonly proxy?: boolean;
  /** Folder of the built web side; left out when only the API is wanted. */
  readonly site?: string;
  readonly log?: boolean;
  readonly requestsPerMinute?: number;
}

/** A job document with long profiles stays well under this. */
const BODY_LIMIT = 1024 * 1024;

/** Builds the application; opens no port. */
export async function buildApp(options: AppOptions): Promise<FastifyInstance> {
  const app = fastify({
    logger: options.log ? { level: 'warn' } : false,
    bodyLimit: BODY_LIMIT,
    forceCloseConnections: true,
    requestTimeout: TIMES.requestTimeout,
    keepAliveTimeout: TIMES.keepAliveTimeout,
    // One proxy, the shop's own: what it was told of the way before it is anybody's word.
    trustProxy: options.proxy ? 1 : false,
    ...(options.tls ? { https: { ...TIMES, ...options.tls } } : { http: { ...TIMES } }),
  } as FastifyServerOptions) as unknown as FastifyInstance;
  // Behind a proxy everybody comes from one address.
  if (!options.proxy) limitConnections(app);
  app.setValidatorCompiler(validatorCompiler);
  app.setSerializerCompiler(serializerCompiler);
  addErrorHandling(app);
  await app.register(swagger, {
    openapi: {
      info: {
        title: 'Anello',
        version: options.version,
        description: 'Jobs, records and machines of a toolroom.',
      },
    },
    transform: jsonSchemaTransform,
  });
  await addSecurity(app, {
    book: options.book,
    passphrase: options.passphrase ?? null,
    names: options.names ?? namesFor('127.0.0.1'),
    secure: Boolean(options.tls) || (options.proxy ?? false),
    requestsPerMinute: options.requestsPerMinute ?? FROM_A_TABLET,
  });
  // Refused before it became a line of its own: nobody else ends its connection.
  app.addHook('onResponse', async ({ headers, raw }) => {
    if (headers.upgrade !== undefined) raw.socket.destroySoon();
  });
  // A screen says where it is, an instrument what it shows: no more than a few lines at once.
  await app.register(websocket, { options: { maxPayload: 4096 } });
  const context = {
    book: options.book,
    rack: new RackOf(options.book),
    turns: new Turns(),
    hub: new Hub(),
    wire: new Gathering(),
    keeper: options.keeper ?? null,
    version: options.version,
  };
  await app.register(async (scope) => {
    const api = scope.withTypeProvider<ZodTypeProvider>();
    healthRoutes(api, context);
    jobRoutes(api, context);
    recordRoutes(api, context);
    photoRoutes(api, context);
    peopleRoutes(api, context);
    practiceRoutes(api, context);
    logRoutes(api, context);
    liveRoutes(api, context);
    wireRoutes(api, context);
    copyRoutes(api, context);
    machineRoutes(api, context);
    shelfRoutes(api, context);
    bundleRoutes(api, context);
    api.get('/api/openapi.json', { schema: { hide: true } }, async () => app.swagger());
  });
  if (options.site) await addSite(app, options.site);
  else app.setNotFoundHandler((_request, reply) => sendNotFound(reply));
  return app;
}
