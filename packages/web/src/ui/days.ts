/** A day as it is said: 7 Nov 2026. */
export const dayOf = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
