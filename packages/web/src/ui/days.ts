/** A day as it is said: 7 Nov 2026. */
export const dayOf = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** The same where the year is plain: 7 Nov. */
export const dayAndMonth = (at: string | Date): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
