import { vi } from 'vitest';

/** One request as the server got it. */
export interface Asked {
  readonly method: string;
  readonly url: string;
  readonly body: unknown;
}

/** What the server says to a request: a body, a refusal with its status, or nothing at all because it is away. */
export type Answer = { readonly status?: number; readonly body: unknown } | 'away';

/**
 * A server in the test's hands: what it was asked, in order. It stands in for `fetch` until globals are unstubbed, which the
 * end of a file does.
 */
export function answering(answer: (asked: Asked) => Answer): { readonly asked: Asked[] } {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (url: string, init: { method: string; body?: string }) => {
    const one = { method: init.method, url, body: init.body === undefined ? null : JSON.parse(init.body) };
    asked.push(one);
    const said = answer(one);
    if (said === 'away') throw new TypeError('refused');
    return new Response(JSON.stringify(said.body), {
      status: said.status ?? 200,
      headers: { 'content-type': 'application/json' },
    });
  });
  return { asked };
}

/** A refusal at a box. */
export const refusing = (field: string, sentence: string): Answer => ({
  status: 422,
  body: { code: 'invalid-document', field, sentence },
});
