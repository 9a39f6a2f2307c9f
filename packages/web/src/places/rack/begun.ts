import type { JobDocument } from '@anello/contract';

/** What a new job begins with, wherever it was taken from. */
export interface Begun {
  readonly title: string;
  readonly part: Partial<JobDocument>;
  /** The lathe it is for, where what it came from says. */
  readonly machineId?: string | undefined;
}
