import swagger from '@fastify/swagger';
import type { MikroORM } from '@mikro-orm/libsql';
import fastify, { type FastifyInstance } from 'fastify';
import {
  jsonSchemaTransform,
  serializerCompiler,
  validatorCompiler,
  type ZodTypeProvider,
} from 'fastify-type-provider-zod';
import { addErrorHandling, sendNotFound } from './plugins/errors';
import { addSecurity } from './plugins/security';
import { addSite } from './plugins/site';
import { bundleRoutes } from './routes/bundle';
import { healthRoutes } from './routes/health';
import { jobRoutes } from './routes/jobs';
import { machineRoutes } from './routes/machines';
import { recordRoutes } from './routes/records';
import { shelfRoutes } from './routes/shelf';

export interface AppOptions {
  readonly orm: MikroORM;
  readonly version: string;
  readonly passphrase?: string | null;
  /** Folder of the built web side; left out when only the API is wanted. */
  readonly site?: string;
  readonly log?: boolean;
  readonly requestsPerMinute?: number;
}

/** A job document with long profiles stays well under this. */
const BODY_LIMIT = 1024 * 1024;
const REQUESTS_PER_MINUTE = 3000;

/** Builds the application; opens no port. */
export async function buildApp(options: AppOptions): Promise<FastifyInstance> {
  const app = fastify({
    logger: options.log ? { level: 'warn' } : false,
    bodyLimit: BODY_LIMIT,
    forceCloseConnections: true,
  });
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
    passphrase: options.passphrase ?? null,
    requestsPerMinute: options.requestsPerMinute ?? REQUESTS_PER_MINUTE,
  });
  const context = { em: () => options.orm.em.fork(), version: options.version };
  await app.register(async (scope) => {
    const api = scope.withTypeProvider<ZodTypeProvider>();
    healthRoutes(api, context);
    jobRoutes(api, context);
    recordRoutes(api, context);
    machineRoutes(api, context);
    shelfRoutes(api, context);
    bundleRoutes(api, context);
    api.get('/api/openapi.json', { schema: { hide: true } }, async () => app.swagger());
  });
  if (options.site) await addSite(app, options.site);
  else app.setNotFoundHandler((_request, reply) => sendNotFound(reply));
  return app;
}
