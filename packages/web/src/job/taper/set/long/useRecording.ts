import { creepOf, pairTracks, type Creep, type Moment, type ReadAt } from '@anello/core/instrument';
import { onScopeDispose, ref, shallowRef, type Ref } from 'vue';
import { useInUse } from '../../../../data/wire/inUse';
import { useWire } from '../../../../data/wire/wire';

/** A sweep has no more readings than are looked at in one go. */
const MOST = 100_000;
/** What is read so far is handed on so often, s. */
const EVERY = 1.2;
/** Nearer than this to the one before is the same place: the carriage has not begun, or rests, or goes back. mm */
const NEAREST = 0.002;
/** Back by more than this is a run back. mm */
const BACK = 0.5;
/** A needle's own step. mm */
const STEP = 0.001;

export interface Recording {
  readonly running: Ref<boolean>;
  /** Readings so far. */
  readonly count: Ref<number>;
  /** Why it has ended by itself. */
  readonly said: Ref<string>;
  /** How fast the needle creeps while the carriage stands; null where it does not, or was not seen to stand. */
  readonly creep: Ref<Creep | null>;
  /** From now on; along the readout's travel, or at a feed in mm a minute where none is in use. */
  begin(feed: number | null): void;
  end(): void;
}

/** A sweep as the carriage feeds: handed on as text of two columns, as one from a file. */
export function useRecording(handOn: (text: string) => void): Recording {
  const wire = useWire();
  const inUse = useInUse();
  const running = ref(false);
  const count = ref(0);
  const said = ref('');
  const creep = shallowRef<Creep | null>(null);
  let tracks: { travel: Moment[]; reading: Moment[] } = { travel: [], reading: [] };
  let speed: number | null = null;
  let began = 0;
  let handed = 0;

  function begin(feed: number | null): void {
    tracks = { travel: [], reading: [] };
    speed = feed === null ? null : feed / 60;
    count.value = 0;
    said.value = '';
    creep.value = null;
    began = handed = wire.now();
    running.value = true;
  }
  function end(): void {
    if (!running.value) return;
    running.value = false;
    handNow();
  }
  function handNow(): void {
    const { travel, reading } = tracks;
    const read =
      speed === null
        ? pairTracks({ travel, reading })
        : reading.map(({ time, value }) => ({ time, at: (speed as number) * (time - began), seen: value }));
    creep.value = creepOf(longestRest(read), STEP);
    const out = outward(read);
    count.value = out.length;
    if (out.length) handOn(asText(out));
  }

  const { off } = wire.onReading(({ axis, moment }) => {
    if (!running.value || moment.time < began) return;
    for (const role of ['travel', 'reading'] as const) {
      const one = inUse.axisOf(role);
      if (one?.id === axis)
        tracks[role].push({ time: moment.time, value: inUse.figureOf(one, moment.value) });
    }
    if (moment.time - handed > EVERY) {
      handed = moment.time;
      if (inUse.axisOf('reading')?.gone || (speed === null && inUse.axisOf('travel')?.gone)) return lost();
      handNow();
    }
    if (tracks.reading.length >= MOST) {
      end();
      said.value = `A sweep of ${MOST} readings is long enough.`;
    }
  });
  onScopeDispose(off);
  function lost(): void {
    end();
    said.value = 'An instrument fell silent: what was read until then stands.';
  }

  return { running, count, said, creep, begin, end };
}

/**
 * Readings of the way out only, each further than the last. Begun with the carriage out, or run back for another go, there
 * are several ways out: the longest counts.
 */
function outward(read: readonly ReadAt[]): readonly ReadAt[] {
  let best: readonly ReadAt[] = [];
  let run: ReadAt[] = [];
  for (const one of read) {
    const furthest = run.at(-1)?.at ?? -Infinity;
    if (one.at < furthest - BACK) run = [];
    if (run.length === 0 || one.at > furthest + NEAREST) run.push(one);
    if (reach(run) >= reach(best)) best = run;
  }
  return best;
}

/** The longest time in which the carriage stood, as what the needle showed meanwhile. */
function longestRest(read: readonly ReadAt[]): Moment[] {
  let best: readonly ReadAt[] = [];
  let rest: ReadAt[] = [];
  for (const one of read) {
    if (rest[0] && Math.abs(one.at - rest[0].at) > NEAREST) rest = [];
    rest.push(one);
    if (rest.length > best.length) best = rest;
  }
  return best.map(({ time, seen }) => ({ time, value: seen }));
}

const reach = (run: readonly ReadAt[]): number =>
  run.length === 0 ? -1 : (run.at(-1) as ReadAt).at - (run[0] as ReadAt).at;

const asText = (read: readonly ReadAt[]): string =>
  ['travel mm;reading mm', ...read.map(({ at, seen }) => `${at.toFixed(4)};${seen.toFixed(5)}`)].join('\n');
