import { AnelloError, CATALOGUE, type ErrorCode } from '@anello/core/basics';
import type { ErrorBody } from '@anello/contract';
import type { FastifyError, FastifyInstance, FastifyReply } from 'fastify';
import { hasZodFastifySchemaValidationErrors } from 'fastify-type-provider-zod';
import { isBusy } from '../db/book';
import { StaleVersion } from '../stores/staleVersion';

/** Fastify's own refusals, in the catalogue's words. */
const FROM_FASTIFY: Readonly<Record<string, readonly [ErrorCode, string]>> = {
  FST_ERR_CTP_BODY_TOO_LARGE: ['too-large', 'That is larger than Anello takes in one request.'],
  FST_ERR_CTP_INVALID_MEDIA_TYPE: ['not-json', 'Anello takes JSON.'],
  FST_ERR_CTP_EMPTY_JSON_BODY: ['invalid-document', 'The request is empty.'],
  FST_ERR_CTP_INVALID_JSON_BODY: ['invalid-document', 'The request is not well-formed JSON.'],
};

/** Turns every failure into code, field and sentence; unknown ones leave as a bare 500 and are logged. */
export function addErrorHandling(app: FastifyInstance): void {
  app.setErrorHandler((error: FastifyError | AnelloError, request, reply) => {
    if (error instanceof StaleVersion) return send(reply, { ...data(error), current: error.current });
    if (error instanceof AnelloError) return send(reply, data(error));
    if (hasZodFastifySchemaValidationErrors(error)) return send(reply, fromValidation(error.validation));
    const known = FROM_FASTIFY[error.code];
    if (known) return send(reply, { code: known[0], field: null, sentence: known[1] });
    if (error.statusCode === 400)
      return send(reply, {
        code: 'invalid-document',
        field: null,
        sentence: 'The request could not be read.',
      });
    // A path that leads out of what is served leads to nothing here.
    if (error.statusCode === 403) return sendNotFound(reply);
    if (isBusy(error))
      return send(reply, {
        code: 'book-busy',
        field: null,
        sentence: 'Another program holds the book’s file. It is asked again shortly.',
      });
    request.log.error(error);
    return send(reply, {
      code: 'internal',
      field: null,
      sentence: 'Something broke inside Anello. Nothing you typed is lost.',
    });
  });
}

export function sendNotFound(reply: FastifyReply): FastifyReply {
  return send(reply, { code: 'not-found', field: null, sentence: 'There is no such thing here.' });
}

type Body = ErrorBody & { code: ErrorCode };

const data = (error: AnelloError): Body => ({
  code: error.code,
  field: error.field,
  sentence: error.message,
  ...(error.phrase.some((part) => typeof part !== 'string')
    ? { phrase: [...error.phrase] as ErrorBody['phrase'] }
    : {}),
});

function send(reply: FastifyReply, body: Body): FastifyReply {
  return reply.status(CATALOGUE[body.code]).type('application/json').send(body);
}

interface Issue {
  readonly instancePath: string;
  readonly message?: string | undefined;
  readonly keyword?: string | undefined;
  readonly params?: unknown;
}

/** The first thing wrong with a document, at its field, in a sentence. */
function fromValidation(issues: readonly Issue[]): Body {
  const issue = issues[0];
  const field =
    issue?.instancePath
      .replace(/^\//, '')
      .replaceAll('/', '.')
      .replace(/^document\./, '') || null;
  return { code: 'invalid-document', field, sentence: sentenceOf(issue) };
}

/** The schema's own sentences pass; the library's are put in plain words. */
function sentenceOf(issue: Issue | undefined): string {
  const message = issue?.message ?? '';
  if (/received undefined/.test(message)) return 'This is missing.';
  if (/^Invalid input: expected (number|int)/.test(message)) return 'This must be a number.';
  if (/^Invalid input: expected string/.test(message)) return 'This must be text.';
  if (/^Invalid (option|discriminator|input)/.test(message))
    return 'This is not one of the things it can be.';
  if (/^Unrecognized key/.test(message))
    return `${message.replace('Unrecognized key', 'Anello does not know').replace(': ', ' ')}.`;
  if (/^Too small.*string/.test(message)) return 'This cannot be empty.';
  if (/^Too (small|big)/.test(message))
    return `${message.replace(/^Too (small|big): expected \w+ to (be|have)/, 'This must be')}.`;
  return /[.]$/.test(message) ? message : `${message || 'This could not be read'}.`;
}
