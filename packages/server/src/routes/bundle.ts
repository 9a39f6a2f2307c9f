import { bundleJsonSchema, bundleSchema, errorSchema, importedSchema } from '@anello/contract';
import { exportShop, importShop } from '../stores/bundle';
import type { Api, RouteContext } from './routes';

/** Lathes, kit and tapers in and out as one JSON file of a published form. */
export function bundleRoutes(api: Api, { em }: RouteContext): void {
  api.get(
    '/api/shop/bundle',
    { schema: { summary: 'Everything the shop owns, as one file', response: { 200: bundleSchema } } },
    async () => exportShop(em()),
  );
  api.post(
    '/api/shop/bundle',
    {
      schema: {
        summary: 'Take such a file in; nothing here is overwritten',
        body: bundleSchema,
        response: { 200: importedSchema, 422: errorSchema },
      },
    },
    async (request) => importShop(em(), request.body),
  );
  api.get('/api/schemas/shop-bundle.json', { schema: { hide: true } }, async () => bundleJsonSchema());
}
