import { passedStations } from '@anello/core/instrument';
import { onScopeDispose, ref, type Ref } from 'vue';
import { usePreferences } from '../../../../data/stores/preferences';
import { useInUse } from '../../../../data/wire/inUse';
import { useWire } from '../../../../data/wire/wire';
import { figureText } from '../../../../instruments/figureText';
import type { SettingDesk } from '../useSetting';

/** Looked at so often, s; and so far back, longer than what may lie between two looks. */
const EVERY = 0.1;
const BACK = 3;

export interface StationsTaken {
  /** Stations are taken as the travel passes them. */
  readonly on: Ref<boolean>;
  /** Both instruments are at nothing where they stand now. */
  zeroBoth(): void;
}

/** Readings of the card's stations, taken by themselves as the readout passes each of them on its way out. */
export function useStationsTaken(desk: SettingDesk): StationsTaken {
  const wire = useWire();
  const inUse = useInUse();
  const preferences = usePreferences();
  const on = ref(false);
  let since = wire.now();
  let looked = 0;
  let keeping = false;

  async function look(time: number): Promise<void> {
    if (!on.value || keeping || time - looked < EVERY) return;
    looked = time;
    const from = Math.max(since, time - BACK);
    const tracks = { travel: inUse.since('travel', from), reading: inUse.since('reading', from) };
    keeping = true;
    try {
      for (const { station, seen } of passedStations(tracks, unread())) {
        desk.aimAt(station);
        await desk.keepReading(seen, figureText(seen, false, preferences.units));
      }
    } finally {
      keeping = false;
    }
  }
  function unread(): number[] {
    const read = new Set(desk.tries.value.at(-1)?.readings.map(({ body }) => body.at));
    return (desk.step.value?.sweep?.stations ?? []).map(({ at }) => at).filter((at) => !read.has(at));
  }
  const { off } = wire.onReading(({ moment }) => void look(moment.time));
  onScopeDispose(off);

  return {
    on,
    zeroBoth() {
      for (const role of ['travel', 'reading'] as const) {
        const axis = inUse.axisOf(role);
        if (axis) inUse.zeroHere(axis);
      }
      // What was passed before was passed by another zero.
      since = wire.now();
    },
  };
}
