import {
  createMachineSchema,
  errorSchema,
  keptSchema,
  machineRowSchema,
  machinesSchema,
  saveMachineSchema,
  settingSchema,
} from '@anello/contract';
import { z } from 'zod';
import { createMachine, findMachine, keepSetting, listMachines, saveMachine } from '../stores/machines';
import type { Api, RouteContext } from './routes';

const params = z.object({ id: z.string().min(1).max(60) });

export function machineRoutes(api: Api, { em }: RouteContext): void {
  api.get(
    '/api/machines',
    { schema: { summary: 'The lathes and what they are still set to', response: { 200: machinesSchema } } },
    async () => ({
      machines: await listMachines(em()),
    }),
  );

  api.get(
    '/api/machines/:id',
    { schema: { summary: 'One lathe', params, response: { 200: machineRowSchema, 404: errorSchema } } },
    async (request) => findMachine(em(), request.params.id),
  );

  api.post(
    '/api/machines',
    {
      schema: {
        summary: 'Add a lathe',
        body: createMachineSchema,
        response: { 201: machineRowSchema, 422: errorSchema },
      },
    },
    async (request, reply) =>
      reply.status(201).send(await createMachine(em(), request.body.id, request.body.document)),
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
    async (request) => saveMachine(em(), request.params.id, request.body.version, request.body.document),
  );

  api.post(
    '/api/settings',
    {
      schema: {
        summary: 'Keep what a lathe’s device is set to',
        body: settingSchema,
        response: { 201: keptSchema, 404: errorSchema, 422: errorSchema },
      },
    },
    async (request, reply) => {
      await keepSetting(em(), request.body);
      return reply.status(201).send({ kept: true, id: request.body.id });
    },
  );
}
