import {
  createKitSchema,
  createTaperSchema,
  errorSchema,
  kitListSchema,
  kitRowSchema,
  saveKitSchema,
  saveTaperSchema,
  taperListSchema,
  taperRowSchema,
} from '@anello/contract';
import { z } from 'zod';
import { addToShelf, listShelf, saveOnShelf } from '../stores/shelf';
import { KIT, TAPERS } from '../stores/shelves';
import type { Api, RouteContext } from './routes';

const params = z.object({ id: z.string().min(1).max(60) });
const refusals = { 404: errorSchema, 409: errorSchema, 422: errorSchema };

/** What the shop owns, and the tapers it has saved. */
export function shelfRoutes(api: Api, { em }: RouteContext): void {
  api.get(
    '/api/kit',
    { schema: { summary: 'What the shop owns besides its lathes', response: { 200: kitListSchema } } },
    async () => ({ rows: await listShelf(em(), KIT) }),
  );
  api.post(
    '/api/kit',
    {
      schema: {
        summary: 'Add a thing or a set',
        body: createKitSchema,
        response: { 201: kitRowSchema, 422: errorSchema },
      },
    },
    async (request, reply) =>
      reply.status(201).send(await addToShelf(em(), KIT, request.body.id, request.body.document)),
  );
  api.put(
    '/api/kit/:id',
    {
      schema: {
        summary: 'Save a thing over the version it was read at; archive it by saying so in it',
        params,
        body: saveKitSchema,
        response: { 200: kitRowSchema, ...refusals },
      },
    },
    async (request) => saveOnShelf(em(), KIT, request.params.id, request.body.version, request.body.document),
  );

  api.get(
    '/api/tapers',
    { schema: { summary: 'The tapers this shop has saved', response: { 200: taperListSchema } } },
    async () => ({ rows: await listShelf(em(), TAPERS) }),
  );
  api.post(
    '/api/tapers',
    {
      schema: {
        summary: 'Save a taper of the shop’s own',
        body: createTaperSchema,
        response: { 201: taperRowSchema, 422: errorSchema },
      },
    },
    async (request, reply) =>
      reply.status(201).send(await addToShelf(em(), TAPERS, request.body.id, request.body.document)),
  );
  api.put(
    '/api/tapers/:id',
    {
      schema: {
        summary: 'Save a taper over the version it was read at',
        params,
        body: saveTaperSchema,
        response: { 200: taperRowSchema, ...refusals },
      },
    },
    async (request) =>
      saveOnShelf(em(), TAPERS, request.params.id, request.body.version, request.body.document),
  );
}
