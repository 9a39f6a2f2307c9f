import { errorSchema, keptSchema, recordSchema } from '@anello/contract';
import { keepRecord } from '../stores/records';
import type { Api, RouteContext } from './routes';

export function recordRoutes(api: Api, { book, turns, hub }: RouteContext): void {
  api.post(
    '/api/records',
    {
      onRequest: async () => turns.hold(),
      onResponse: async () => turns.release(),
      schema: {
        summary: 'Keep a record; the same one again is kept once',
        body: recordSchema,
        response: { 200: keptSchema, 201: keptSchema, 404: errorSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request, reply) => {
      const outcome = await keepRecord(book, request.body);
      if (outcome === 'kept') hub.tell({ is: 'record', record: request.body });
      return reply.status(outcome === 'kept' ? 201 : 200).send({ kept: true, id: request.body.id });
    },
  );
}
