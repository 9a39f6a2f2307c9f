import { AnelloError, type ErrorData } from '@anello/core/basics';

/** What a worker says of one question: what it found, or what to say and where. */
export type Answer<T> =
  { readonly found: T; readonly error: null } | { readonly found: null; readonly error: ErrorData };

/** What a worker posts: how much of it is done, any number of times, and then its answer. */
export type Told<T> = { readonly part: number } | Answer<T>;

/** A question answered; what the core refuses is an answer too, anything else is a fault. */
export function answered<T>(work: () => T): Answer<T> {
  try {
    return { found: work(), error: null };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return { found: null, error: error.toData() };
  }
}
