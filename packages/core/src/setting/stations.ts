import { listLength } from '../basics/check';
import type { UnitSystem } from '../figure/format';
import { MM_PER_INCH } from '../figure/format';
import type { TravelAlong } from '../gauging/halfAngleFromIndicator';
import type { TaperTask } from '../taper/task';
import type { Station, SweepReads } from './setting';

/** Travels a handle is easily run by, in each system's own unit. */
const EASY = {
  mm: [3, 6, 9, 12, 15, 18, 24, 30, 45, 60, 75, 90, 120, 150, 180, 240, 300],
  inch: [0.15, 0.3, 0.45, 0.6, 0.75, 0.9, 1.2, 1.5, 2.25, 3, 3.75, 4.5, 6, 7.5, 9, 12],
} as const;
const STATIONS = 3;

/** The longest easy travel within a length (mm), in whole figures of the lathe's own dials. */
export function easyTravel(within: number, units: UnitSystem): number {
  const perUnit = units === 'mm' ? 1 : MM_PER_INCH;
  const fitting = EASY[units].filter((t) => t * perUnit <= within + 1e-9);
  return fitting.length > 0 ? (fitting.at(-1) as number) * perUnit : within;
}

/** Equal stations along a travel, each with what should be seen and the band that is good enough. */
export function stationsAlong(
  travel: number,
  travelAlong: TravelAlong,
  task: TaperTask,
  stations = STATIONS,
  reads: SweepReads = 'climb',
): Station[] {
  const { halfAngle, tolerance } = task;
  return Array.from({ length: listLength(stations, 'stations') }, (_, index) => {
    const at = (travel * (index + 1)) / stations;
    return {
      at,
      expected: readingFor(reads, travelAlong, task, at, halfAngle),
      low: readingFor(reads, travelAlong, task, at, halfAngle - tolerance.halfAngle),
      high: readingFor(reads, travelAlong, task, at, halfAngle + tolerance.halfAngle),
    };
  });
}

const rise = (travelAlong: TravelAlong): ((a: number) => number) =>
  travelAlong === 'slide' ? Math.sin : Math.tan;
const ON_DIAMETER = 2;

/** What is read at a place along the travel while the device stands at a half angle. */
export function readingFor(
  reads: SweepReads,
  travelAlong: TravelAlong,
  task: TaperTask,
  at: number,
  standsAt: number,
): number {
  const climbs = at * rise(travelAlong)(standsAt);
  switch (reads) {
    case 'climb':
      return climbs;
    case 'diameter':
      return ON_DIAMETER * climbs;
    case 'still':
      return climbs - at * rise(travelAlong)(task.halfAngle);
    case 'runout':
      return 0;
  }
}

/** The plain climb behind a reading: readingFor the other way round. */
export function climbOf(
  reads: SweepReads,
  travelAlong: TravelAlong,
  task: TaperTask,
  at: number,
  seen: number,
): number {
  switch (reads) {
    case 'diameter':
      return seen / ON_DIAMETER;
    case 'still':
      return seen + at * rise(travelAlong)(task.halfAngle);
    default:
      return seen;
  }
}

/** A band about still for readings that are no slope, mm. */
export const withinOf = (places: readonly number[], allowed: number): Station[] =>
  places.map((at) => ({ at, expected: 0, low: -allowed, high: allowed }));
