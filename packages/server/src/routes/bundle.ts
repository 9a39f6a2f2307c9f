import {
  bundleJsonSchema,
  bundleQuerySchema,
  bundleSchema,
  errorSchema,
  importedSchema,
} from '@anello/contract';
import { exportJobs, exportShop, importShop } from '../stores/bundle';
import { Readable } from 'node:stream';
import type { Api, RouteContext } from './routes';

/** A whole shop of some years. */
const LARGEST_FILE = 256 * 1024 * 1024;

/** Everything the shop has in and out as one JSON file of a published form. */
export function bundleRoutes(api: Api, { book, hub }: RouteContext): void {
  api.get(
    '/api/shop/bundle',
    {
      schema: {
        summary: 'Everything the shop owns as one file, or the jobs that are named',
        querystring: bundleQuerySchema,
        response: { 200: bundleSchema, 404: errorSchema },
      },
    },
    async (request, reply) => {
      const { jobs } = request.query;
      const texts = jobs ? exportJobs(book, jobs) : exportShop(book);
      const name = jobs ? `${jobs.length === 1 ? jobs[0] : 'jobs'}.anello.json` : 'shop.anello.json';
      return reply
        .type('application/json; charset=utf-8')
        .header('content-disposition', `attachment; filename="${name}"`)
        .send(Readable.from(texts) as never) as never;
    },
  );
  api.post(
    '/api/shop/bundle',
    {
      bodyLimit: LARGEST_FILE,
      schema: {
        summary: 'Take such a file in; nothing here is overwritten',
        body: bundleSchema,
        response: { 200: importedSchema, 422: errorSchema },
      },
    },
    async (request) => {
      const outcome = await importShop(book, request.body);
      hub.tell({ is: 'all' });
      return outcome;
    },
  );
  api.get('/api/schemas/shop-bundle.json', { schema: { hide: true } }, async () => bundleJsonSchema());
}
