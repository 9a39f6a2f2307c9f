import {
  bundleJsonSchema,
  bundleQuerySchema,
  bundleSchema,
  errorSchema,
  importedSchema,
  importQuerySchema,
  migrateBundle,
  type BundleSort,
} from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { FastifyRequest } from 'fastify';
import { Readable } from 'node:stream';
import { importShop } from '../bundle/incoming';
import { exportJobs, exportShop } from '../bundle/outgoing';
import { unzipped, zipped } from '../bundle/zip';
import { keepable } from '../plugins/text';
import { findPhoto, photosOf } from '../stores/photos';
import type { Api, RouteContext } from './routes';

/** A whole shop of some years. */
const LARGEST_FILE = 256 * 1024 * 1024;
const refusals = { 404: errorSchema, 422: errorSchema };

/** Everything the shop has in and out as one file of a published form: JSON, or that with its photos in a zip. */
export function bundleRoutes(api: Api, { book, hub }: RouteContext): void {
  const texts = (jobs: readonly string[] | undefined): Generator<string> =>
    jobs ? exportJobs(book, jobs) : exportShop(book);
  const nameOf = (jobs: readonly string[] | undefined): string =>
    jobs ? (jobs.length === 1 ? String(jobs[0]) : 'jobs') : 'shop';
  /** Photos of a zip, while its request is answered. */
  const besides = new WeakMap<FastifyRequest, ReadonlyMap<string, Uint8Array>>();

  api.addContentTypeParser(
    'application/zip',
    { parseAs: 'buffer', bodyLimit: LARGEST_FILE },
    async (request: FastifyRequest, body: Buffer) => {
      if (request.routeOptions.url !== '/api/shop/bundle')
        throw new AnelloError('not-json', null, 'Anello takes JSON.');
      const { text, photos } = unzipped(body);
      besides.set(request, photos);
      return keepable(text);
    },
  );

  api.get(
    '/api/shop/bundle',
    {
      schema: {
        summary: 'Everything the shop owns as one JSON file without photos, or the jobs that are named',
        querystring: bundleQuerySchema,
        response: { 200: bundleSchema, 404: errorSchema },
      },
    },
    async ({ query: { jobs } }, reply) =>
      reply
        .type('application/json; charset=utf-8')
        .header('content-disposition', `attachment; filename="${nameOf(jobs)}.anello.json"`)
        .send(Readable.from(texts(jobs)) as never) as never,
  );
  api.get(
    '/api/shop/bundle.zip',
    {
      schema: {
        summary: 'The same as a zip, with its photos',
        querystring: bundleQuerySchema,
        response: { 404: errorSchema },
      },
    },
    async ({ query: { jobs } }, reply) => {
      const photos = function* (): Generator<{ id: string; jpeg: Uint8Array }> {
        for (const { id } of photosOf(book, jobs ?? null)) {
          const jpeg = findPhoto(book, id);
          if (jpeg) yield { id, jpeg };
        }
      };
      return reply
        .type('application/zip')
        .header('content-disposition', `attachment; filename="${nameOf(jobs)}.anello.zip"`)
        .send(Readable.from(zipped(texts(jobs), photos())) as never) as never;
    },
  );
  api.post(
    '/api/shop/bundle',
    {
      bodyLimit: LARGEST_FILE,
      preValidation: async (request) => void (request.body = migrateBundle(request.body) as never),
      schema: {
        summary:
          'Take such a file in, or see what would come of it; nothing is overwritten that is not named',
        querystring: importQuerySchema,
        body: bundleSchema,
        response: { 200: importedSchema, ...refusals },
      },
    },
    async (request) => {
      const { trial, leave = [], over = [] } = request.query;
      const outcome = await importShop(book, request.body, {
        photos: besides.get(request) ?? new Map(),
        trial: trial === 'yes',
        choose: (sort: BundleSort, id) =>
          over.includes(`${sort}:${id}`) ? 'over' : leave.includes(`${sort}:${id}`) ? 'left' : 'beside',
      });
      if (trial !== 'yes') hub.tell({ is: 'all' });
      return outcome;
    },
  );
  api.get('/api/schemas/shop-bundle.json', { schema: { hide: true } }, async () => bundleJsonSchema());
}
