import type { WireReading } from '@anello/contract';
import { beforeEach, vi } from 'vitest';
import { useWire } from '../data/wire/wire';

/** A dial on the wire, by a clock of the test's own. */
export interface DialOnTheWire {
  /** This page's clock, s. */
  now(): number;
  passes(seconds: number): void;
  /** It shows something for a while, thirty times a second. */
  shows(value: (t: number) => number, seconds?: number, instrument?: string): void;
}

export const dial = (value: number, more: Partial<WireReading> = {}): WireReading => ({
  instrument: 'dial',
  channel: '',
  value,
  angle: false,
  ...more,
});

/** Before each test of a file the clock begins anew, and no line is open. */
export function useDialOnTheWire(): DialOnTheWire {
  let clock = 0;
  beforeEach(() => {
    clock = 1000;
    vi.spyOn(performance, 'now').mockImplementation(() => clock * 1000);
    vi.stubGlobal(
      'WebSocket',
      class {
        close = (): void => undefined;
      },
    );
  });
  return {
    now: () => clock,
    passes: (seconds) => void (clock += seconds),
    shows(value, seconds = 1, instrument = 'dial') {
      for (let i = 0; i < 30 * seconds; i++) {
        clock += 1 / 30;
        useWire().take(dial(value(i / 30), { instrument, own: clock - 500 }));
      }
    },
  };
}
