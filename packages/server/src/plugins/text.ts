import { AnelloError } from '@anello/core/basics';
import type { FastifyInstance } from 'fastify';
import secureJsonParse from 'secure-json-parse';

// oxlint-disable-next-line no-control-regex
const NUL = /\u0000|\\u0000/;
/** Half of a character outside the first plane, without its other half. */
const HALF = /\p{Surrogate}/u;
const SURROGATE = /\\u[dD][89a-fA-F]/;

/**
 * Text the book could not keep as it came is refused at the edge, in one place: the character nought, which ends a text for
 * SQLite, and halves of characters, which no file can hold.
 */
export function refuseUnkeepableText(app: FastifyInstance): void {
  app.addHook('onRequest', async (request) => {
    if (/%00/.test(request.url)) throw unkeepable();
  });
  const parse = app.getDefaultJsonParser('error', 'error');
  app.removeContentTypeParser('application/json');
  app.addContentTypeParser('application/json', { parseAs: 'string' }, (request, body, done) => {
    const text = body as string;
    if (NUL.test(text) || HALF.test(text)) return done(unkeepable());
    parse(request, text, (error, value) => {
      if (!error && SURROGATE.test(text) && hasHalf(value)) return done(unkeepable());
      done(error, value);
    });
  });
}

/** The same of JSON that comes some other way than as a request's own. Error: invalid-document. */
export function keepable(text: string): unknown {
  if (NUL.test(text) || HALF.test(text)) throw unkeepable();
  let value: unknown;
  try {
    value = secureJsonParse.parse(text, null, { protoAction: 'error', constructorAction: 'error' });
  } catch {
    throw new AnelloError('invalid-document', null, 'The file is not well-formed JSON.');
  }
  if (SURROGATE.test(text) && hasHalf(value)) throw unkeepable();
  return value;
}

const unkeepable = (): AnelloError =>
  new AnelloError('invalid-document', null, 'There is a character in the text that cannot be kept.');

function hasHalf(value: unknown): boolean {
  if (typeof value === 'string') return HALF.test(value);
  if (value === null || typeof value !== 'object') return false;
  return Object.entries(value).some(([key, inner]) => HALF.test(key) || hasHalf(inner));
}
