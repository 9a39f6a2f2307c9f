import { AnelloError, isErrorCode } from '@anello/core/basics';
import type { Phrase } from '@anello/core/figure';
import type { ErrorBody } from '@anello/contract';
import { noticeClock } from './clock';
import { practiceAnswers } from './practice/answers';
import { isOfPractice } from './practice/names';

/** The server could not be reached, or is not answering as itself. Nothing is wrong with what was sent. */
export class ServerAway extends Error {
  override readonly name: string = 'ServerAway';
}

/** The server broke on this very request; the next one may be fine. */
export class ServerBroke extends ServerAway {
  override readonly name = 'ServerBroke';
}

/** The shop's passphrase must be given before anything is taken. */
export class SignInNeeded extends ServerAway {
  override readonly name = 'SignInNeeded';
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

export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';
/** An answer that has not begun in this time is not coming, ms. */
const PATIENCE = 8000;
/** A whole shop takes its time, ms. */
export const WHOLE_SHOP = 10 * 60_000;

/** One request. Throws ServerAway when it is worth trying again, an AnelloError when it is not. */
export async function request<T>(
  method: Method,
  url: string,
  body?: unknown,
  patience = PATIENCE,
): Promise<T> {
  // A practice job is this browser's alone: nothing of it goes to the server.
  if (isOfPractice(url, body)) return (await practiceAnswers())(method, url, body) as Promise<T>;
  const answer = await reach(method, url, body, patience);
  if (answer.ok) return (await answer.json()) as T;
  throw await refusal(answer);
}

async function reach(method: Method, url: string, body: unknown, patience: number): Promise<Response> {
  const sent = body === undefined ? {} : asSent(body);
  try {
    const answer = await fetch(url, { method, signal: AbortSignal.timeout(patience), ...sent });
    noticeClock(answer.headers.get('date'));
    return answer;
  } catch {
    throw new ServerAway('The server does not answer.');
  }
}

/** A file goes as it is, whatever else as JSON. */
const asSent = (body: unknown): RequestInit =>
  body instanceof Blob
    ? { headers: { 'content-type': body.type }, body }
    : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };

/** Worth another try: the server is starting, or overloaded. */
const LATER = new Set([429, 502, 503, 504]);

async function refusal(answer: Response): Promise<Error> {
  if (LATER.has(answer.status)) return new ServerAway(`The server answered ${answer.status}.`);
  if (answer.status === 401) return new SignInNeeded('Sign in first.');
  if (answer.status === 500) return new ServerBroke('The server broke on this.');
  const body = (await answer.json().catch(() => null)) as ErrorBody | null;
  if (!body || !isErrorCode(body.code)) return new ServerAway(`The server answered ${answer.status}.`);
  if (body.code === 'stale-version') return new StaleHere(body.sentence, body.current);
  return new AnelloError(body.code, body.field, (body.phrase as Phrase | undefined) ?? body.sentence);
}
