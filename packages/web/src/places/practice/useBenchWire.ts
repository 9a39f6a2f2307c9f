import { tryOnScopeDispose, useIntervalFn } from '@vueuse/core';
import { watch } from 'vue';
import { useInUse } from '../../data/wire/inUse';
import { useWire } from '../../data/wire/wire';
import type { BenchDesk } from './useBench';

/** The practice lathe’s own instruments, as they go by on the wire. */
const INDICATOR = 'Practice indicator';
const MICROMETER = 'Practice micrometer';
const READOUT = 'Practice readout';
/** An instrument speaks so often, ms. */
const SPEAKS_EVERY = 60;
const STEP = 0.001;
const stepped = (value: number): number => Math.round(value / STEP) * STEP;

/**
 * What the practice lathe's instruments show goes the way any instrument's does: into the reading bar, to the stations and
 * the sweeps. They are lent to the screen while it is worked; what is chosen for real work stays as it is.
 */
export function useBenchWire({ bench, hand, inHand, needle, measured }: BenchDesk): void {
  const wire = useWire();
  const inUse = useInUse();
  /** Travel is counted along what carries the tool: toward the headstock it grows. */
  const travel = (): number => {
    const dial = hand.lathe.dial(bench.runs);
    return bench.runs === 'carriage' ? -dial : dial;
  };
  const say = (instrument: string, value: number, pressed = false): void =>
    wire.takeOwn({
      instrument,
      channel: '',
      value: stepped(value),
      angle: false,
      own: wire.now(),
      ...(pressed ? { pressed } : {}),
    });
  watch(
    inHand,
    (what) => {
      if (what !== 'indicator' && measured.value === null) say(MICROMETER, 0);
      inUse.lent = { reading: what === 'indicator' ? INDICATOR : MICROMETER, travel: READOUT };
    },
    { immediate: true },
  );
  useIntervalFn(
    () => {
      say(READOUT, travel());
      if (inHand.value === 'indicator') say(INDICATOR, needle.value);
    },
    SPEAKS_EVERY,
    { immediateCallback: true },
  );
  watch(measured, (value) => value !== null && say(MICROMETER, value, true));
  tryOnScopeDispose(() => (inUse.lent = {}));
}
