import type { JobCard } from '@anello/contract';
import { LOCAL } from '../../data/names';

/** The first jobs of the rack as the server gave them last, and when. */
export interface RackSeen {
  readonly at: string;
  readonly jobs: JobCard[];
}

/** Only a convenience: where the browser has no room for it there is none. */
export function holdRack(jobs: readonly JobCard[]): void {
  try {
    localStorage.setItem(LOCAL.rackSeen, JSON.stringify({ at: new Date().toISOString(), jobs }));
  } catch {
    // The jobs come from the server all the same.
  }
}

/** The rack as it was seen last in this browser; null where it never was. */
export function rackSeen(): RackSeen | null {
  try {
    const seen = JSON.parse(localStorage.getItem(LOCAL.rackSeen) ?? 'null') as RackSeen | null;
    return seen && Array.isArray(seen.jobs) && seen.jobs.length > 0 ? seen : null;
  } catch {
    return null;
  }
}
