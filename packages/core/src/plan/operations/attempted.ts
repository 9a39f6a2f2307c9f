import { AnelloError } from '../../basics/error';

/** What comes of some work; null where its figures do not allow it. */
export function attempted<T>(work: () => T): T | null {
  try {
    return work();
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}
