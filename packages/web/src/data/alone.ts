import { LOCAL, SENDER_LOCK } from './names';

const LEASE = LOCAL.sender;
/** A sender that stops without a word is taken over from after this, ms. */
const LASTS = 10_000;
const SETTLES = 60;

interface Lease {
  readonly by: string;
  readonly until: number;
}

/**
 * Does some work in one tab at a time: by the browser's own locks, or, where it has none (a page without https), by a lease
 * in the store the tabs share. In a browser without either there is only this tab to mind. False when another tab holds the lease.
 */
export async function alone(work: () => Promise<void>): Promise<boolean> {
  if ('locks' in navigator) {
    await navigator.locks.request(SENDER_LOCK, work);
    return true;
  }
  const by = Math.random().toString(36).slice(2);
  if (!(await taken(by))) return false;
  const renewing = setInterval(() => write({ by, until: Date.now() + LASTS }), LASTS / 3);
  try {
    await work();
    return true;
  } finally {
    clearInterval(renewing);
    if (read()?.by === by) drop();
  }
}

async function taken(by: string): Promise<boolean> {
  const other = read();
  if (other && other.until > Date.now()) return false;
  write({ by, until: Date.now() + LASTS });
  await new Promise((resolve) => setTimeout(resolve, SETTLES));
  const now = read();
  return now === null || now.by === by;
}

function read(): Lease | null {
  try {
    return JSON.parse(localStorage.getItem(LEASE) ?? 'null') as Lease | null;
  } catch {
    return null;
  }
}
function write(lease: Lease): void {
  try {
    localStorage.setItem(LEASE, JSON.stringify(lease));
  } catch {
    // Without a store there is nothing another tab could send.
  }
}
function drop(): void {
  try {
    localStorage.removeItem(LEASE);
  } catch {
    // It runs out.
  }
}
