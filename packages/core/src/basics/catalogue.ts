/** Every error code there is, what it means, and the HTTP status it travels under. Codes are never reused. */
export const CATALOGUE = {
  /** A figure is missing or is not a finite number. */
  'not-finite': 422,
  /** A figure is outside what makes sense for it. */
  'out-of-range': 422,
  /** The figures describe something that cannot exist. */
  impossible: 422,
  /** Too few figures to work the rest out. */
  underdetermined: 422,
  /** The figures contradict one another. */
  inconsistent: 422,
  /** No such taper series or size. */
  'unknown-size': 422,
  /** The text could not be read as a figure. */
  unreadable: 422,
  /** Nothing was typed. */
  empty: 422,
  /** The text can be read in two ways. */
  ambiguous: 422,
  /** A unit word is not known. */
  'unknown-unit': 422,
  /** A figure of one kind stands where another kind belongs. */
  'wrong-dimension': 422,
  /** The arithmetic divides by zero. */
  'divide-by-zero': 422,
  /** A document does not have the form the contract gives. */
  'invalid-document': 422,
  /** The document was written by a newer Anello. */
  'newer-document': 422,
  /** Another job already has this number. */
  'number-taken': 422,
  /** There is no such thing here. */
  'not-found': 404,
  /** Somebody changed it meanwhile. */
  'stale-version': 409,
  /** A record with this id is already kept and says something else. */
  'record-differs': 409,
  /** Something else is already kept under this id. */
  'id-taken': 409,
  /** The request is larger than Anello takes. */
  'too-large': 413,
  /** The request is not JSON. */
  'not-json': 415,
  /** Who is signed in may look and not change anything. */
  'read-only': 403,
  /** The request comes from another site. */
  'wrong-origin': 403,
  /** Too many requests in a short time. */
  'too-many': 429,
  /** The shop passphrase is missing or wrong. */
  'passphrase-needed': 401,
  /** Too many wrong passphrases; wait before the next. */
  'too-many-tries': 429,
  /** Another program holds the database for the moment. */
  'book-busy': 503,
  /** The database cannot be written. */
  'book-broken': 503,
  /** Something broke inside Anello. */
  internal: 500,
} as const satisfies Record<string, number>;

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
