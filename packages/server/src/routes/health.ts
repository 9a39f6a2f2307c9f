import { errorSchema, healthSchema } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Api, RouteContext } from './routes';

/** Asked more often than this, the last answer stands, ms. */
const STANDS = 1000;

export function healthRoutes(api: Api, { version, book }: RouteContext): void {
  let asked = { at: -Infinity, answer: Promise.resolve(true) };
  const canWrite = (): Promise<boolean> => {
    const now = performance.now();
    if (now - asked.at > STANDS) asked = { at: now, answer: book.writable() };
    return asked.answer;
  };
  api.get(
    '/api/health',
    {
      schema: {
        response: { 200: healthSchema, 503: errorSchema },
        summary: 'Whether Anello can serve: a word is written and read again',
      },
    },
    async () => {
      if (await canWrite()) return { status: 'ok' as const, version };
      throw new AnelloError(
        'book-broken',
        null,
        'The book cannot be written at the moment. What you typed waits.',
      );
    },
  );
}
