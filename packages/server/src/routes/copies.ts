import { copiesSchema, errorSchema } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Api, RouteContext } from './routes';

/** The copies of the book: what there is, and one more. */
export function copyRoutes(api: Api, { keeper }: RouteContext): void {
  const kept = (): NonNullable<typeof keeper> => {
    if (keeper) return keeper;
    throw new AnelloError('not-found', null, 'This Anello keeps no copies.');
  };
  api.get(
    '/api/copies',
    {
      schema: {
        summary: 'The copies of the book, and how much room there is',
        response: { 200: copiesSchema, 404: errorSchema },
      },
    },
    async () => kept().said(),
  );
  api.post(
    '/api/copies',
    {
      schema: {
        summary: 'Copy the book now, while people work',
        response: { 201: copiesSchema, 404: errorSchema, 503: errorSchema },
      },
    },
    async (_request, reply) => {
      await kept().make();
      return reply.status(201).send(kept().said());
    },
  );
}
