import {
  beforeSchema,
  createJobSchema,
  errorSchema,
  jobRowSchema,
  jobViewSchema,
  likeQuerySchema,
  nextNumberSchema,
  operationBeforeSchema,
  putAwaySchema,
  rackQuerySchema,
  rackSchema,
  recordsPageSchema,
  recordsQuerySchema,
  saveJobSchema,
} from '@anello/contract';
import { z } from 'zod';
import { beforeOf } from '../stores/before';
import { createJob, jobView, putAway, saveJob } from '../stores/jobs';
import { nextNumber } from '../stores/nextNumber';
import { operationBefore } from '../stores/operationBefore';
import { recordsPage } from '../stores/records';
import { sendText, type Api, type RouteContext } from './routes';

const params = z.object({ id: z.string().min(1).max(60) });

export function jobRoutes(api: Api, { book, rack, turns, hub }: RouteContext): void {
  api.get(
    '/api/jobs',
    {
      schema: { summary: 'A page of the rack', querystring: rackQuerySchema, response: { 200: rackSchema } },
    },
    async (request, reply) => {
      const { text, gzip } = await rack.page(request.query);
      await turns.next();
      const small = request.headers['accept-encoding']?.includes('gzip') ?? false;
      if (!small) return sendText(reply, text);
      reply.header('content-encoding', 'gzip').header('vary', 'accept-encoding');
      return reply.type('application/json; charset=utf-8').send(gzip as never) as never;
    },
  );

  api.get(
    '/api/next-number',
    {
      schema: { summary: 'The number that the next job may have', response: { 200: nextNumberSchema } },
    },
    async () => nextNumber(book),
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
    async (request, reply) => sendText(reply, jobView(book, request.params.id)),
  );

  api.get(
    '/api/jobs/:id/records',
    {
      schema: {
        summary: 'The next page of what was kept for a job',
        params,
        querystring: recordsQuerySchema,
        response: { 200: recordsPageSchema, 404: errorSchema },
      },
    },
    async (request, reply) => {
      const { texts, next } = recordsPage(book, request.params.id, request.query.after);
      return sendText(reply, `{"records":[${texts}],"next":${next}}`);
    },
  );

  api.get(
    '/api/jobs/:id/before/:feature',
    {
      schema: {
        summary: 'The same taper or throw in other jobs, and how it went',
        params: params.extend({ feature: z.string().min(1).max(60) }),
        response: { 200: beforeSchema, 404: errorSchema },
      },
    },
    async (request) => ({ rows: beforeOf(book, request.params.id, request.params.feature) }),
  );

  api.get(
    '/api/jobs/:id/operation-before',
    {
      schema: {
        summary: 'The same plain operation in other jobs, and how it went',
        params,
        querystring: likeQuerySchema,
        response: { 200: operationBeforeSchema, 404: errorSchema },
      },
    },
    async (request) => ({ rows: operationBefore(book, request.params.id, request.query.alike) }),
  );

  api.put(
    '/api/jobs/:id/away',
    {
      schema: {
        summary: 'Put a job away from the rack, or bring it back',
        params,
        body: putAwaySchema,
        response: { 200: putAwaySchema, 404: errorSchema },
      },
    },
    async (request) => {
      await putAway(book, request.params.id, request.body.away);
      hub.tell({ is: 'job', id: request.params.id, version: null });
      return request.body;
    },
  );

  api.post(
    '/api/jobs',
    {
      schema: {
        summary: 'Add a job',
        body: createJobSchema,
        response: { 201: jobRowSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request, reply) => {
      const row = await createJob(book, request.body.id, request.body.document);
      hub.tell({ is: 'job', id: row.id, version: row.version });
      return reply.status(201).send(row);
    },
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
    async (request) => {
      const row = await saveJob(book, request.params.id, request.body);
      hub.tell({ is: 'job', id: row.id, version: row.version });
      return row;
    },
  );
}
