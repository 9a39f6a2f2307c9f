/** Practice jobs and lathes go by names of their own, so that nothing of them is ever taken for the shop's. */
export const PRACTICE = 'practice-';
/** The lathe in the practice corner. */
export const PRACTICE_LATHE_ID = `${PRACTICE}lathe`;
const OF = `${PRACTICE}of-`;

export const isPractice = (id: string | null | undefined): boolean => id?.startsWith(PRACTICE) ?? false;
/** A lathe of the shop as it is practised on, and the shop's own again; null of the practice corner's. */
export const practiceOf = (machineId: string): string => `${OF}${machineId}`;
export const shopsOwn = (machineId: string): string | null =>
  machineId.startsWith(OF) ? machineId.slice(OF.length) : null;

/** Whether a request is about a practice job or its lathe. */
export function isOfPractice(url: string, body: unknown): boolean {
  const { jobId, machineId } = (body ?? {}) as { jobId?: string; machineId?: string };
  return url.includes(`s/${PRACTICE}`) || isPractice(jobId) || isPractice(machineId);
}
