import {
  createJobSchema,
  errorSchema,
  jobRowSchema,
  jobViewSchema,
  rackQuerySchema,
  rackSchema,
  saveJobSchema,
} from '@anello/contract';
import { z } from 'zod';
import { createJob, findJob, listRack, saveJob } from '../stores/jobs';
import { recordsOfJob } from '../stores/records';
import type { Api, RouteContext } from './routes';

const params = z.object({ id: z.string().min(1).max(60) });

export function jobRoutes(api: Api, { em }: RouteContext): void {
  api.get(
    '/api/jobs',
    {
      schema: { summary: 'A page of the rack', querystring: rackQuerySchema, response: { 200: rackSchema } },
    },
    async (request) => listRack(em(), request.query),
  );

  api.get(
    '/api/jobs/:id',
    {
      schema: {
        summary: 'A job with everything kept for it',
        params,
        response: { 200: jobViewSchema, 404: errorSchema },
      },
    },
    async (request) => {
      const fork = em();
      const job = await findJob(fork, request.params.id);
      return { job, records: await recordsOfJob(fork, job.id) };
    },
  );

  api.post(
    '/api/jobs',
    {
      schema: {
        summary: 'Add a job',
        body: createJobSchema,
        response: { 201: jobRowSchema, 422: errorSchema },
      },
    },
    async (request, reply) =>
      reply.status(201).send(await createJob(em(), request.body.id, request.body.document)),
  );

  api.put(
    '/api/jobs/:id',
    {
      schema: {
        summary: 'Save a job over the version it was read at',
        params,
        body: saveJobSchema,
        response: { 200: jobRowSchema, 404: errorSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request) => saveJob(em(), request.params.id, request.body.version, request.body.document),
  );
}
