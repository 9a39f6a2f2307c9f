/** Wrong tries that are let through before waiting begins, and how long it then grows to, ms. */
const FREE = 5;
const FIRST_WAIT = 1000;
const LONGEST_WAIT = 15 * 60_000;
/** Over all addresses together, in a minute. */
const IN_A_MINUTE = 60;
const MINUTE = 60_000;
const MOST_ADDRESSES = 10_000;

interface Tries {
  wrong: number;
  notBefore: number;
}

/** Slows down the guessing of a passphrase: each wrong try of an address past the first few doubles its wait. */
export class Throttle {
  private readonly by = new Map<string, Tries>();
  private lately: number[] = [];

  constructor(private readonly now: () => number = Date.now) {}

  /** How long an address must wait before its next try is looked at, ms; 0 when it need not. */
  wait(address: string): number {
    const now = this.now();
    this.lately = this.lately.filter((at) => at > now - MINUTE);
    const everybody = this.lately.length >= IN_A_MINUTE ? (this.lately[0] ?? now) + MINUTE - now : 0;
    return Math.max(0, everybody, (this.by.get(address)?.notBefore ?? 0) - now);
  }

  /** A wrong try. Answers how many this address has made in a row. */
  wrong(address: string): number {
    const now = this.now();
    const tries = this.by.get(address) ?? { wrong: 0, notBefore: 0 };
    tries.wrong++;
    const over = tries.wrong - FREE;
    if (over >= 0) tries.notBefore = now + Math.min(LONGEST_WAIT, FIRST_WAIT * 2 ** over);
    this.by.delete(address);
    this.by.set(address, tries);
    if (this.by.size > MOST_ADDRESSES) this.by.delete(this.by.keys().next().value as string);
    this.lately.push(now);
    return tries.wrong;
  }

  right(address: string): void {
    this.by.delete(address);
  }
}
