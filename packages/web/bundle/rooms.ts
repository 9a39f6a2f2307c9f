import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

const SOURCE = fileURLToPath(new URL('../src/', import.meta.url));

/** A room, and where its doors are: what lies behind one is fetched when it is first opened. */
type Room = readonly [name: string, doors: RegExp];

/**
 * The house in two wings, the job's and the others'. The rooms of a wing stand as they are wanted: what a room shares with
 * one that comes after it is fetched with the first of them, so that no room waits for what only a later one needs.
 */
const WINGS: readonly (readonly Room[])[] = [
  [
    ['job', /^job\/frame\/JobPlace/],
    ['set', /^job\/taper\/set\/SetStage/],
    ['part', /^job\/part\//],
    ['steps', /^(drawing|job)\/(?!curve\/|eccentric\/)/],
    ['curve', /^job\/curve\//],
    ['eccentric', /^job\/eccentric\//],
  ],
  [
    ['rack', /^places\/rack\//],
    ['tapers', /^places\/tapers\//],
    ['log', /^places\/log\//],
    ['old-part', /^places\/old-part\//],
    ['shop', /^places\/shop\//],
    ['practice', /^places\/practice\//],
  ],
];
const ROOMS = WINGS.flat();

/** Small things behind doors of their own, fetched as one. */
const TOGETHER = ['app/', 'instruments/', 'files/paper/'];

/** Where a door leads; what lies in no room (a formula's letters, the writing of a PDF) is by itself. */
function behind(door: string): string {
  const inside = door.replace(SOURCE, '');
  return (
    ROOMS.find(([, doors]) => doors.test(inside))?.[0] ??
    TOGETHER.find((folder) => inside.startsWith(folder)) ??
    inside
  );
}

/** A file of what is needed together. */
interface Shared {
  readonly name: string;
  /** A file takes with it what it needs and no other has taken: what is needed by more has the higher rank, and goes first. */
  readonly rank: number;
}

/** What one wing adds to the name and the rank. */
function inWing(wing: readonly Room[], needing: ReadonlySet<string>): Shared {
  const at = wing.findIndex(([name]) => needing.has(name));
  const [first] = wing[at] ?? [];
  if (!first) return { name: '', rank: 0 };
  const more = wing.slice(at + 1).some(([name]) => needing.has(name));
  // Whoever is in another room of the job has all that the job's frame needs.
  if (first === 'job') return { name: first, rank: 2 * wing.length };
  return more
    ? { name: `${first}-and-more`, rank: 2 * wing.length - at }
    : { name: first, rank: wing.length - at };
}

/** More small things than share anything. */
const MOST = 16;
const FINEST = WINGS.reduce((all, wing) => all + 2 * wing.length, 1);
const RANKS = MOST + 2 * FINEST;

/** Beside what every job needs, the smaller places are not told apart: they share little with it alone. */
const EVERY_JOB = ['job', 'set'];
const SMALLER = ['tapers', 'log', 'old-part', 'shop'];
const OTHERS = (WINGS[1] ?? []).map(([name]) => name);

/** Which rooms need a thing, as finely as it is of use to know. */
function toldApart(needing: ReadonlySet<string>): ReadonlySet<string> {
  if (!EVERY_JOB.some((room) => needing.has(room))) return needing;
  // What the frame does not need is little, and no place of the other wing is told apart for it: they all stand for the last,
  // as whatever the frame needs too has to be taken before.
  const [alike, as] = needing.has('job') ? [SMALLER, SMALLER[0]] : [OTHERS, OTHERS.at(-1)];
  return new Set([...needing].map((room) => (alike.includes(room) ? (as ?? room) : room)));
}

/** The file for what these doors lead to. A small thing takes what it shares with a room from that room's file. */
export function sharedBy(needing: ReadonlySet<string>): Shared {
  const rooms = toldApart(needing);
  const wings = WINGS.map((wing) => inWing(wing, rooms)).filter(({ name }) => name);
  if (wings.length === 0) return { name: [...needing].sort().map(plain).join('-'), rank: needing.size };
  // What is told apart less finely goes before all that is.
  const first = rooms === needing ? 0 : FINEST;
  const rank = wings.reduce((all, wing) => all + wing.rank, MOST + first);
  return { name: wings.map(({ name }) => name).join('-'), rank };
}

const plain = (path: string): string => /([\w]+)(\.\w+)*\/?$/.exec(path)?.[1] ?? 'more';

/**
 * Sends in one file what the same rooms need. Left to itself a bundler makes one for what the same views need, two
 * hundred of them, and each is a request, and is made less small by compression.
 */
export function rooms() {
  const needing = new Map<string, Set<string>>();
  const files = new Map<string, Shared>();
  const plugin: Plugin = {
    name: 'anello:rooms',
    apply: 'build',
    buildEnd() {
      const walk = (id: string, room: string): void => {
        const rooms = needing.get(id) ?? new Set();
        if (rooms.has(room)) return;
        needing.set(id, rooms.add(room));
        for (const next of this.getModuleInfo(id)?.importedIds ?? []) walk(next, room);
      };
      for (const id of this.getModuleIds())
        if (this.getModuleInfo(id)?.dynamicImporters.length) walk(id, behind(id));
      for (const [id, rooms] of needing) files.set(id, sharedBy(rooms));
    },
  };
  // Of equal priority, the first that is named takes first.
  const groups = Array.from({ length: RANKS }, (_, below) => RANKS - 1 - below).map((rank) => ({
    test: (id: string) => files.get(id)?.rank === rank,
    name: (id: string) => files.get(id)?.name ?? null,
  }));
  return { plugin, groups };
}
