import type { LIVE_SHELVES } from '@anello/contract';
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
  type KitDocument,
  type ShopTaper,
} from '@anello/contract';
import { z } from 'zod';
import { addToShelf, listShelf, rowText, saveOnShelf, type Shelf } from '../stores/shelf';
import { KIT, TAPERS } from '../stores/shelves';
import { sendText, type Api, type RouteContext } from './routes';

const params = z.object({ id: z.string().min(1).max(60) });
const refusals = { 404: errorSchema, 409: errorSchema, 422: errorSchema };

interface ShelfRoutes<D extends { name: string }> {
  readonly path: string;
  /** What screens are told has changed. */
  readonly live: (typeof LIVE_SHELVES)[number];
  /** In a summary: "Add …". */
  readonly one: string;
  readonly all: string;
  readonly shelf: Shelf<D>;
  readonly list: z.ZodType;
  readonly row: z.ZodType;
  readonly create: z.ZodType<{ id: string; document: D }>;
  readonly save: z.ZodType<{ version: number; document: D; save?: string | undefined }>;
}

/** What the shop owns, and the tapers it has saved: the same three requests on either shelf. */
export function shelfRoutes(api: Api, context: RouteContext): void {
  addRoutes<KitDocument>(api, context, {
    path: '/api/kit',
    live: 'kit',
    one: 'a thing or a set',
    all: 'What the shop owns besides its lathes',
    shelf: KIT,
    list: kitListSchema,
    row: kitRowSchema,
    create: createKitSchema,
    save: saveKitSchema,
  });
  addRoutes<ShopTaper>(api, context, {
    path: '/api/tapers',
    live: 'tapers',
    one: 'a taper of the shop’s own',
    all: 'The tapers this shop has saved',
    shelf: TAPERS,
    list: taperListSchema,
    row: taperRowSchema,
    create: createTaperSchema,
    save: saveTaperSchema,
  });
}

function addRoutes<D extends { name: string }>(
  api: Api,
  { book, hub }: RouteContext,
  on: ShelfRoutes<D>,
): void {
  api.get(on.path, { schema: { summary: on.all, response: { 200: on.list } } }, async (_request, reply) => {
    const { rows, aside } = listShelf(book, on.shelf);
    return sendText(reply, `{"rows":[${rows.map(rowText).join(',')}],"aside":${JSON.stringify(aside)}}`);
  });
  api.post(
    on.path,
    { schema: { summary: `Add ${on.one}`, body: on.create, response: { 201: on.row, ...refusals } } },
    async (request, reply) => {
      const { id, document } = request.body as { id: string; document: D };
      const row = rowText(await addToShelf(book, on.shelf, id, document));
      hub.tell({ is: 'shelf', of: on.live });
      return sendText(reply.status(201), row);
    },
  );
  api.put(
    `${on.path}/:id`,
    {
      schema: {
        summary: `Save ${on.one} over the version it was read at; archive it by saying so in it`,
        params,
        body: on.save,
        response: { 200: on.row, ...refusals },
      },
    },
    async (request, reply) => {
      const body = request.body as { version: number; document: D; save?: string };
      const row = rowText(await saveOnShelf(book, on.shelf, request.params.id, body));
      hub.tell({ is: 'shelf', of: on.live });
      return sendText(reply, row);
    },
  );
}
