import { sweptCone, type SweptCone } from '@anello/core/evidence';
import type { DefaultUnit } from '@anello/core/quantity';
import { fittedSweep, termsTaken, type TermTaken } from '@anello/core/sweep';
import type { TaperTask } from '@anello/core/taper';
import { readSweep } from '../../../../files/read/readSweep';
import { thinnedTo, type Read } from '../../set/long/judgedSweep';

/** A text with an indicator's readings along the cone, and what the cone should be. */
export interface ConeQuestion {
  readonly text: string;
  readonly defaultUnit: DefaultUnit;
  readonly task: Pick<TaperTask, 'halfAngle' | 'smallDiameter' | 'length'>;
  readonly lead: number | null;
  readonly resolution: number;
}

export interface ConeFound {
  readonly cone: SweptCone;
  readonly shown: readonly Read[];
  readonly fitted: readonly Read[];
  /** What each term takes, at the places of the fit. */
  readonly terms: readonly TermTaken[];
  readonly count: number;
}

const SHOWN = 800;
const FITTED = 160;
const READING = 0.7;

/** Reads a text and tells what the cone shows; how far it is may be told meanwhile. Errors: as sweptCone. */
export function readCone(
  { text, defaultUnit, task, lead, resolution }: ConeQuestion,
  onPart: (part: number) => void = () => undefined,
): ConeFound {
  const { travel, reading } = readSweep(text, defaultUnit, (part) => onPart(READING * part));
  const { halfAngle, smallDiameter, length } = task;
  const given = {
    travel,
    reading,
    halfAngle,
    smallDiameter,
    length,
    resolution,
    ...(lead === null ? {} : { lead }),
  };
  const cone = sweptCone(given);
  const all = travel.map((at, i): Read => ({ at, seen: reading[i] as number })).sort((a, b) => a.at - b.at);
  // Drawn as it climbs: from whichever end it was read.
  const [first, last] = [all[0] as Read, all.at(-1) as Read];
  const way = last.seen < first.seen ? -1 : 1;
  const climbing = all.map(({ at, seen }): Read => ({ at, seen: way * seen }));
  const places = Array.from({ length: FITTED + 1 }, (_, i) => first.at + ((last.at - first.at) * i) / FITTED);
  const climb = {
    travel: climbing.map(({ at }) => at),
    reading: climbing.map(({ seen }) => seen),
    expectedSlope: Math.tan(halfAngle),
  };
  const fitted = fittedSweep(climb, cone.analysis, places);
  return {
    cone,
    count: all.length,
    shown: thinnedTo(climbing, SHOWN),
    terms: termsTaken(climb, cone.analysis, places),
    fitted: places.map((at, i) => ({ at, seen: fitted[i] as number })),
  };
}
