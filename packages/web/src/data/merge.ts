type Json = unknown;
export type Path = readonly string[];

/** A field that two people changed to different things since they last agreed. */
export interface Clash {
  /** Keys from the top; a part of a list that has ids goes by its id. */
  readonly path: Path;
  readonly mine: Json;
  readonly theirs: Json;
  /** Of a part of a list that I took out: the ids of theirs in their order, so that it can go back to its place. */
  readonly among?: readonly string[];
}

/**
 * Two edits of one document as one: what only one of them changed is taken, field by field; what both changed otherwise
 * is told, and stands as mine meanwhile. A figure as typed with its value is one field.
 *
 * @example merge({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }).merged // { a: 2, b: 3 }
 */
export function merge<D>(base: D, mine: D, theirs: D): { merged: D; clashes: Clash[] } {
  const clashes: Clash[] = [];
  return { merged: merged(base, mine, theirs, [], clashes) as D, clashes };
}

function merged(base: Json, mine: Json, theirs: Json, path: Path, clashes: Clash[]): Json {
  if (same(mine, theirs) || same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  if (isFields(mine) && isFields(theirs))
    return fields(isFields(base) ? base : {}, mine, theirs, path, clashes);
  if (isList(mine) && isList(theirs)) return list(isList(base) ? base : [], mine, theirs, path, clashes);
  clashes.push({ path, mine, theirs });
  return mine;
}

type Fields = Readonly<Record<string, Json>>;
export type Item = Fields & { readonly id: string };

export const isPlain = (value: Json): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
/** A typed figure is one thing: half of mine and half of theirs would be neither's. */
const isFields = (value: Json): value is Fields => isPlain(value) && !('typed' in value);
const isList = (value: Json): value is readonly Item[] =>
  Array.isArray(value) && value.every((one) => isPlain(one) && typeof one['id'] === 'string');

function fields(base: Fields, mine: Fields, theirs: Fields, path: Path, clashes: Clash[]): Fields {
  const all: Record<string, Json> = {};
  for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const value = merged(base[key], mine[key], theirs[key], [...path, key], clashes);
    if (value !== undefined) all[key] = value;
  }
  return all;
}

/** By id. The order is whose who moved something; what the other put between stays behind what it was put behind. */
function list(
  base: readonly Item[],
  mine: readonly Item[],
  theirs: readonly Item[],
  path: Path,
  clashes: Clash[],
): readonly Json[] {
  const of = (all: readonly Item[], id: string): Item | undefined => all.find((one) => one.id === id);
  const [was, own, other] = [idsOf(base), idsOf(mine), idsOf(theirs)];
  const ids = movedFrom(was, own) ? putBetween(own, other) : putBetween(other, own);
  return ids
    .map((id) => {
      const asked = clashes.length;
      const value = merged(of(base, id), of(mine, id), of(theirs, id), [...path, id], clashes);
      const clash = clashes[asked];
      if (clash && !own.includes(id)) clashes[asked] = { ...clash, among: other };
      return value;
    })
    .filter((one) => one !== undefined);
}

const idsOf = (all: readonly Item[]): string[] => all.map(({ id }) => id);

/** Whether those that are in both stand in another order now. */
function movedFrom(before: readonly string[], now: readonly string[]): boolean {
  const left = before.filter((id) => now.includes(id));
  return now.filter((id) => before.includes(id)).some((id, i) => id !== left[i]);
}

/** A row with what only another has put in, each behind what it stands behind there. */
function putBetween(row: readonly string[], other: readonly string[]): string[] {
  const all = [...row];
  other.forEach((id, i) => {
    if (!all.includes(id)) all.splice(i === 0 ? 0 : all.indexOf(other[i - 1] as string) + 1, 0, id);
  });
  return all;
}

export const same = (a: Json, b: Json): boolean =>
  a === b || JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

function sorted(value: Json): Json {
  if (Array.isArray(value)) return value.map(sorted);
  if (!isPlain(value)) return value;
  return Object.fromEntries(
    Object.keys(value)
      .sort()
      .map((key) => [key, sorted(value[key])]),
  );
}

/** Where a part that is not in a row goes: behind what it stands behind among others, or at its end. */
function placeOf(id: string, row: readonly string[], among: readonly string[]): number {
  if (!among.includes(id)) return row.length;
  const before = among.slice(0, among.indexOf(id)).findLast((one) => row.includes(one));
  return before === undefined ? 0 : row.indexOf(before) + 1;
}

/** A document in which a clash is settled as they have it. */
export const withTheirs = <D>(document: D, { path, theirs, among }: Clash): D =>
  withValue(document, path, theirs, among);

/** A document with another value at a path; undefined takes it out. A part of a list that is not there goes to its place among others. */
export function withValue<D>(document: D, path: Path, value: Json, among: readonly string[] = []): D {
  const [key, ...rest] = path;
  if (key === undefined) return value as D;
  if (Array.isArray(document)) {
    const at = document.findIndex((one: Item) => one.id === key);
    const then = withValue(document[at] as Json, rest, value, among);
    if (at < 0) {
      if (then === undefined) return document;
      const place = placeOf(key, idsOf(document), among);
      return [...document.slice(0, place), then, ...document.slice(place)] as D;
    }
    return document.flatMap((one: Json, i) => (i !== at ? [one] : then === undefined ? [] : [then])) as D;
  }
  const then = withValue((document as Fields)[key], rest, value, among);
  const { [key]: _, ...others } = document as Fields;
  return (then === undefined ? others : { ...others, [key]: then }) as D;
}
