import { vi } from 'vitest';

/** A request the server has not answered yet. */
export interface Unanswered {
  readonly url: string;
  /** Answers it, and lets what waits for that go on. */
  answer(body: unknown): Promise<void>;
  /** It never comes. */
  lose(): Promise<void>;
}

/** A server that answers when the test says so, in whatever order: what it was asked, the oldest first. */
export function waitingServer(): Unanswered[] {
  const asked: Unanswered[] = [];
  const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5));
  vi.stubGlobal(
    'fetch',
    (url: string) =>
      new Promise<Response>((resolve, reject) => {
        asked.push({
          url,
          answer: (body) => {
            const headers = { 'content-type': 'application/json' };
            resolve(new Response(JSON.stringify(body), { headers }));
            return rest();
          },
          lose: () => {
            reject(new TypeError('refused'));
            return rest();
          },
        });
      }),
  );
  return asked;
}
