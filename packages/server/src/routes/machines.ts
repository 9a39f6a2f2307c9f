import {
  createMachineSchema,
  errorSchema,
  keptSchema,
  loreQuerySchema,
  loreSchema,
  likenessSchema,
  machineRowSchema,
  machinesSchema,
  saveMachineSchema,
  settingSchema,
} from '@anello/contract';
import { z } from 'zod';
import { loreOf } from '../stores/lore';
import { LikenessOf } from '../stores/likeness';
import { createMachine, findMachine, keepSetting, machinesText, saveMachine } from '../stores/machines';
import { sendText, type Api, type RouteContext } from './routes';

const params = z.object({ id: z.string().min(1).max(60) });

export function machineRoutes(api: Api, { book, hub }: RouteContext): void {
  const likeness = new LikenessOf(book);
  api.get(
    '/api/machines',
    { schema: { summary: 'The lathes and what they are still set to', response: { 200: machinesSchema } } },
    async (_request, reply) => sendText(reply, machinesText(book)),
  );

  api.get(
    '/api/machines/:id',
    { schema: { summary: 'One lathe', params, response: { 200: machineRowSchema, 404: errorSchema } } },
    async (request) => findMachine(book, request.params.id),
  );

  api.get(
    '/api/machines/:id/likeness',
    {
      schema: {
        summary: 'What a lathe’s records say it is like',
        params,
        response: { 200: likenessSchema, 404: errorSchema },
      },
    },
    async (request) => likeness.of(request.params.id),
  );

  api.get(
    '/api/machines/:id/lore',
    {
      schema: {
        summary: 'What earlier approaches on a lathe say of its tools',
        params,
        querystring: loreQuerySchema,
        response: { 200: loreSchema, 404: errorSchema },
      },
    },
    async (request) => ({ lore: await loreOf(book, request.params.id, request.query) }),
  );

  api.post(
    '/api/machines',
    {
      schema: {
        summary: 'Add a lathe',
        body: createMachineSchema,
        response: { 201: machineRowSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request, reply) => {
      const row = await createMachine(book, request.body.id, request.body.document);
      hub.tell({ is: 'shelf', of: 'machines' });
      return reply.status(201).send(row);
    },
  );

  api.put(
    '/api/machines/:id',
    {
      schema: {
        summary: 'Save a lathe over the version it was read at',
        params,
        body: saveMachineSchema,
        response: { 200: machineRowSchema, 404: errorSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request) => {
      const row = await saveMachine(book, request.params.id, request.body);
      hub.tell({ is: 'shelf', of: 'machines' });
      return row;
    },
  );

  api.post(
    '/api/settings',
    {
      schema: {
        summary: 'Keep what a lathe’s device is set to',
        body: settingSchema,
        response: { 201: keptSchema, 404: errorSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request, reply) => {
      await keepSetting(book, request.body);
      hub.tell({ is: 'shelf', of: 'machines' });
      return reply.status(201).send({ kept: true, id: request.body.id });
    },
  );
}
