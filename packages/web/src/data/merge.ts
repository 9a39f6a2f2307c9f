type Json = unknown;
export type Path = readonly string[];

/** A field that two people changed to different things since they last agreed. */
export interface Clash {
  /** Keys from the top; a part of a list that has ids goes by its id. */
  readonly path: Path;
  readonly mine: Json;
  readonly theirs: Json;
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
type Item = Fields & { readonly id: string };

const isPlain = (value: Json): value is Fields =>
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

/** By id, in my order, with what they added at its end. */
function list(
  base: readonly Item[],
  mine: readonly Item[],
  theirs: readonly Item[],
  path: Path,
  clashes: Clash[],
): readonly Json[] {
  const of = (all: readonly Item[], id: string): Item | undefined => all.find((one) => one.id === id);
  const ids = [...new Set([...mine, ...theirs].map((one) => one.id))];
  return ids
    .map((id) => merged(of(base, id), of(mine, id), of(theirs, id), [...path, id], clashes))
    .filter((one) => one !== undefined);
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

/** A document with another value at a path; undefined takes it out. */
export function withValue<D>(document: D, path: Path, value: Json): D {
  const [key, ...rest] = path;
  if (key === undefined) return value as D;
  if (Array.isArray(document)) {
    const at = document.findIndex((one: Item) => one.id === key);
    const then = withValue(document[at] as Json, rest, value);
    if (at < 0) return (then === undefined ? document : [...document, then]) as D;
    return document.flatMap((one: Json, i) => (i !== at ? [one] : then === undefined ? [] : [then])) as D;
  }
  const then = withValue((document as Fields)[key], rest, value);
  const { [key]: _, ...others } = document as Fields;
  return (then === undefined ? others : { ...others, [key]: then }) as D;
}

/** What the screens call fields whose own names say less. */
const AS_ON_SCREEN: Readonly<Record<string, string>> = {
  title: 'what it is',
  mate: 'tried in',
  work: 'how it is made',
  quantity: 'how many',
  machineId: 'lathe',
};

/** The field in words: "features, seat, large diameter"; parts of a list go by their names. */
export function fieldName(path: Path, document: Json): string {
  const words: string[] = [];
  let at = document;
  for (const key of path) {
    at = Array.isArray(at) ? at.find((one: Item) => one.id === key) : isPlain(at) ? at[key] : undefined;
    const name =
      isPlain(at) && typeof at['name'] === 'string' && 'id' in at ? at['name'] : named(document, key);
    words.push(
      AS_ON_SCREEN[name] ??
        name.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`),
    );
  }
  return words.join(', ');
}

/** What is kept by a feature's id goes by the feature's name. */
function named(document: Json, key: string): string {
  const features = isPlain(document) ? document['features'] : undefined;
  const feature = Array.isArray(features) ? features.find((one: Item) => one.id === key) : undefined;
  return isPlain(feature) && typeof feature['name'] === 'string' ? feature['name'] : key;
}

/** What stands there, short enough for a button. */
export function shown(value: Json): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (isPlain(value) && typeof value['typed'] === 'string') return value['typed'];
  if (isPlain(value) && typeof value['name'] === 'string') return value['name'];
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
