import {
  logQuerySchema,
  logSchema,
  lossesQuerySchema,
  lossesSchema,
  operatorsSchema,
  errorSchema,
  saveSearchSchema,
  searchesSchema,
  searchNameSchema,
  type LogRow,
} from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describeRecord } from '@anello/core/job';
import { csvFormatRows } from 'd3-dsv';
import { Readable } from 'node:stream';
import { z } from 'zod';
import { logPage, logRows } from '../stores/log';
import { lossesIn } from '../stores/losses';
import { operatorsIn } from '../stores/operators';
import { dropSearch, saveSearch, searchesIn } from '../stores/searches';
import { sendText, type Api, type RouteContext } from './routes';

const HEAD = ['kept', 'by', 'job', 'title', 'piece', 'feature', 'operation', 'kind', 'what', 'taken back'];
const NBSP = /\u00a0/g;

const line = ({ record, number, title, gone }: LogRow): string[] => [
  record.at,
  record.operator,
  number,
  title,
  String(record.piece),
  record.feature ?? '',
  record.operation ?? '',
  record.body.kind,
  plainText(describeRecord(record)).replace(NBSP, ' '),
  gone ? 'yes' : '',
];

function* csv(pages: Iterable<readonly LogRow[]>): Generator<string> {
  yield `${csvFormatRows([HEAD])}\n`;
  for (const rows of pages) if (rows.length > 0) yield `${csvFormatRows(rows.map(line))}\n`;
}

function* json(pages: Iterable<readonly LogRow[]>): Generator<string> {
  yield '[';
  let first = true;
  for (const rows of pages)
    for (const row of rows) {
      yield `${first ? '' : ','}${JSON.stringify(row)}`;
      first = false;
    }
  yield ']';
}

const named = z.object({ name: searchNameSchema });

function searchRoutes(api: Api, { book, hub }: RouteContext): void {
  const answered = () => {
    hub.tell({ is: 'shelf', of: 'searches' });
    return { searches: searchesIn(book) };
  };
  api.get(
    '/api/searches',
    { schema: { summary: 'The searches the shop keeps', response: { 200: searchesSchema } } },
    async () => ({ searches: searchesIn(book) }),
  );
  api.put(
    '/api/searches/:name',
    {
      schema: {
        summary: 'Keep a search of the logbook under a name',
        params: named,
        body: saveSearchSchema,
        response: { 200: searchesSchema, 413: errorSchema, 422: errorSchema },
      },
    },
    async ({ params: { name }, body: { asked } }) => {
      await saveSearch(book, { name, asked });
      return answered();
    },
  );
  api.delete(
    '/api/searches/:name',
    {
      schema: { summary: 'Forget a search', params: named, response: { 200: searchesSchema } },
    },
    async ({ params: { name } }) => {
      await dropSearch(book, name);
      return answered();
    },
  );
}

/** The logbook: every kept thing of every job, a page at a time, or all that is asked for as a file. */
export function logRoutes(api: Api, context: RouteContext): void {
  const { book } = context;
  searchRoutes(api, context);
  api.get(
    '/api/log',
    {
      schema: {
        summary: 'What was kept, newest first',
        querystring: logQuerySchema,
        response: { 200: logSchema },
      },
    },
    async (request, reply) => sendText(reply, JSON.stringify(logPage(book, request.query))),
  );
  api.get(
    '/api/operators',
    { schema: { summary: 'Whose initials stand in the book', response: { 200: operatorsSchema } } },
    async () => operatorsIn(book),
  );
  api.get(
    '/api/losses',
    {
      schema: {
        summary: 'What was scrapped or sent back, why, and what it cost',
        querystring: lossesQuerySchema,
        response: { 200: lossesSchema },
      },
    },
    async (request) => lossesIn(book, request.query),
  );
  for (const [format, type, write] of [
    ['csv', 'text/csv', csv],
    ['json', 'application/json', json],
  ] as const)
    api.get(
      `/api/log.${format}`,
      { schema: { summary: `The same as ${format.toUpperCase()}, all of it`, querystring: logQuerySchema } },
      async (request, reply) => {
        const { limit: _limit, before: _before, ...asked } = request.query;
        return reply
          .type(`${type}; charset=utf-8`)
          .header('content-disposition', `attachment; filename="logbook.${format}"`)
          .send(Readable.from(write(logRows(book, asked))));
      },
    );
}
