import {
  errorSchema,
  practiceRunSchema,
  practiceRunsQuerySchema,
  practiceRunsSchema,
} from '@anello/contract';
import { keepPracticeRun, practiceRunsOf } from '../stores/practiceRuns';
import type { Api, RouteContext } from './routes';

export function practiceRoutes(api: Api, { book }: RouteContext): void {
  api.get(
    '/api/practice-runs',
    {
      schema: {
        summary: 'Somebody’s runs at the practice lathe, the first of them first',
        querystring: practiceRunsQuerySchema,
        response: { 200: practiceRunsSchema, 422: errorSchema },
      },
    },
    async (request) => ({ runs: practiceRunsOf(book, request.query.operator) }),
  );
  api.post(
    '/api/practice-runs',
    {
      schema: {
        summary: 'Keep a run at the practice lathe; the same one again is kept once',
        body: practiceRunSchema,
        response: { 200: practiceRunSchema, 422: errorSchema },
      },
    },
    async (request) => {
      await keepPracticeRun(book, request.body);
      return request.body;
    },
  );
}
