import type { StationReading } from '../gauging/readStations';
import type { WayId } from '../taper/wayId';
import { standing, type KeptRecord, type RecordOf } from '../job/records/row';
import { isNudge, isReading } from '../job/records/is';

/** One run of readings between two nudges. */
export interface Try {
  readonly readings: readonly RecordOf<'reading'>[];
  /** The nudge that ended it. */
  readonly nudge: RecordOf<'nudge'> | null;
}

/**
 * The tries of one step of one way on one piece: a nudge ends a try, the last one is the current.
 *
 * @example
 * triesOf(RECORDS, 'attachment', 'sweep', 1).length
 * // → 1
 */
export function triesOf(records: readonly KeptRecord[], way: WayId, step: string, piece: number): Try[] {
  const tries: { readings: RecordOf<'reading'>[]; nudge: RecordOf<'nudge'> | null }[] = [
    { readings: [], nudge: null },
  ];
  for (const record of standing(records).filter((r) => r.piece === piece)) {
    const { body } = record;
    if (isReading(body) && body.way === way && body.step === step) {
      tries.at(-1)?.readings.push(record as RecordOf<'reading'>);
    }
    if (isNudge(body) && body.way === way && body.step === step) {
      const current = tries.at(-1);
      if (current) current.nudge = record as RecordOf<'nudge'>;
      tries.push({ readings: [], nudge: null });
    }
  }
  return tries;
}

/**
 * The last reading kept at each place, as the fit takes them.
 *
 * @example
 * lastReadings(triesOf(RECORDS, 'attachment', 'sweep', 1)[0]).map((r) => r.seen)
 * // → [0.941, 1.882]
 */
export function lastReadings(current: Try): StationReading[] {
  const byPlace = new Map<number, number>();
  for (const { body } of current.readings) byPlace.set(body.at, body.seen);
  return [...byPlace].map(([at, seen]) => ({ at, seen })).sort((a, b) => a.at - b.at);
}
