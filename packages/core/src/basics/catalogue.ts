/** Every error code there is, what it means, and the HTTP status it travels under. Codes are never reused. */
export const CATALOGUE = {
  'not-finite': { status: 422, meaning: 'a figure is missing or is not a finite number' },
  'out-of-range': { status: 422, meaning: 'a figure is outside what makes sense for it' },
  impossible: { status: 422, meaning: 'the figures describe something that cannot exist' },
  underdetermined: { status: 422, meaning: 'too few figures to work the rest out' },
  inconsistent: { status: 422, meaning: 'the figures contradict one another' },
  'unknown-size': { status: 422, meaning: 'no such taper series or size' },
  unreadable: { status: 422, meaning: 'the text could not be read as a figure' },
  empty: { status: 422, meaning: 'nothing was typed' },
  ambiguous: { status: 422, meaning: 'the text can be read in two ways' },
  'unknown-unit': { status: 422, meaning: 'a unit word is not known' },
  'wrong-dimension': { status: 422, meaning: 'a figure of one kind stands where another kind belongs' },
  'divide-by-zero': { status: 422, meaning: 'the arithmetic divides by zero' },
  'invalid-document': { status: 422, meaning: 'a document does not have the form the contract gives' },
  'newer-document': { status: 422, meaning: 'the document was written by a newer Anello' },
  'number-taken': { status: 422, meaning: 'another job already has this number' },
  'not-found': { status: 404, meaning: 'there is no such thing here' },
  'stale-version': { status: 409, meaning: 'somebody changed it meanwhile' },
  'record-differs': { status: 409, meaning: 'a record with this id is already kept and says something else' },
  'id-taken': { status: 409, meaning: 'something else is already kept under this id' },
  'too-large': { status: 413, meaning: 'the request is larger than Anello takes' },
  'not-json': { status: 415, meaning: 'the request is not JSON' },
  'read-only': { status: 403, meaning: 'who is signed in may look and not change anything' },
  'wrong-origin': { status: 403, meaning: 'the request comes from another site' },
  'too-many': { status: 429, meaning: 'too many requests in a short time' },
  'passphrase-needed': { status: 401, meaning: 'the shop passphrase is missing or wrong' },
  'too-many-tries': { status: 429, meaning: 'too many wrong passphrases; wait before the next' },
  'book-busy': { status: 503, meaning: 'another program holds the database for the moment' },
  'book-broken': { status: 503, meaning: 'the database cannot be written' },
  internal: { status: 500, meaning: 'something broke inside Anello' },
} as const satisfies Record<string, { status: number; meaning: string }>;

export type ErrorCode = keyof typeof CATALOGUE;

/**
 * True for a string that is one of the catalogue's codes.
 *
 * @example
 * isErrorCode('stale-version')
 * // → true
 */
export function isErrorCode(code: unknown): code is ErrorCode {
  return typeof code === 'string' && Object.hasOwn(CATALOGUE, code);
}
