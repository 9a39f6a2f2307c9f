import { vi } from 'vitest';

/** The runner looks every 50 ms, which is longer than most of what is waited for takes. */
const LOOKS = 5;

const { waitFor } = vi;
vi.waitFor = (check, given) =>
  waitFor(
    check,
    typeof given === 'number' ? { timeout: given, interval: LOOKS } : { interval: LOOKS, ...given },
  );
