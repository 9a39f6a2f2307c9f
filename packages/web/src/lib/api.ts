import { AnelloError, isErrorCode, type Phrase } from '@anello/core';
import type { ErrorBody } from '@anello/contract';

/** The server could not be reached, or is not answering as itself. Nothing is wrong with what was sent. */
export class ServerAway extends Error {
  override readonly name = 'ServerAway';
}

/** A refusal that carries the document as it stands on the server. */
export class StaleHere extends AnelloError {
  constructor(
    sentence: string,
    readonly current: unknown,
  ) {
    super('stale-version', null, sentence);
  }
}

export type Method = 'GET' | 'POST' | 'PUT';
const PATIENCE = 8000;

/** One request. Throws ServerAway when it is worth trying again, an AnelloError when it is not. */
export async function request<T>(method: Method, url: string, body?: unknown): Promise<T> {
  const answer = await reach(method, url, body);
  if (answer.ok) return (await answer.json()) as T;
  throw await refusal(answer);
}

async function reach(method: Method, url: string, body: unknown): Promise<Response> {
  try {
    return await fetch(url, {
      method,
      signal: AbortSignal.timeout(PATIENCE),
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  } catch {
    throw new ServerAway('The server does not answer.');
  }
}

/** Worth another try: the server is starting, overloaded, or broken. */
const LATER = new Set([429, 500, 502, 503, 504]);

async function refusal(answer: Response): Promise<Error> {
  if (LATER.has(answer.status)) return new ServerAway(`The server answered ${answer.status}.`);
  const body = (await answer.json().catch(() => null)) as ErrorBody | null;
  if (!body || !isErrorCode(body.code)) return new ServerAway(`The server answered ${answer.status}.`);
  if (body.code === 'stale-version') return new StaleHere(body.sentence, body.current);
  return new AnelloError(body.code, body.field, (body.phrase as Phrase | undefined) ?? body.sentence);
}
