/** The server broke on something that was sent: how often, and when it is tried again, ms. */
export interface Broke {
  readonly times: number;
  readonly notBefore: number;
}

/** What the server broke on is tried again after this, and each time after twice as long, ms. */
export const BROKE_WAIT = 15_000;
const LONGEST_BROKE_WAIT = 30 * 60_000;

/** Whether what the server broke on, if it did, has lain long enough to be sent again. */
export const rested = ({ broke }: { readonly broke?: Broke | undefined }): boolean =>
  (broke?.notBefore ?? 0) <= Date.now();

export function brokeAgain(before?: Broke): Broke {
  const times = (before?.times ?? 0) + 1;
  return { times, notBefore: Date.now() + Math.min(LONGEST_BROKE_WAIT, BROKE_WAIT * 2 ** (times - 1)) };
}
