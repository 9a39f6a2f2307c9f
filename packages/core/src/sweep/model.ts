import { fitLinear, leftBeside, type LinearFit } from './linearFit';
import type { Series } from './series';
import { sumsOf, type Sums } from './sums';
import { all, type Column } from './tails';
import { TERM_IDS, type Places, type TermId } from './terms/kind';
import { termOf } from './terms/registry';

/** Some terms, where each sits, and how they fit together. */
export interface Model {
  readonly terms: readonly TermId[];
  readonly places: Places;
  readonly fit: LinearFit;
}

const placeIn = (places: Places, id: TermId): number => places[id] ?? 0;

/** What stands for the travel, of some terms, and which of them turns it. */
function travelOf(terms: readonly TermId[], places: Places): { by: TermId | null; column: Column } {
  const turned = terms.map(termOf).find(({ travel }) => travel);
  return {
    by: turned?.id ?? null,
    column: turned?.travel?.(placeIn(places, turned.id)) ?? all('travel'),
  };
}

/** Columns of the joint fit: a level, the travel, and those of each term in turn. */
export const columnsOf = (terms: readonly TermId[], places: Places): readonly Column[] => [
  all('level'),
  travelOf(terms, places).column,
  ...terms.flatMap((id) => termOf(id).columns(placeIn(places, id))),
];

/** The same columns in two parts: those that go where a term goes, and those that stay. */
function partedBy(
  id: TermId,
  terms: readonly TermId[],
  places: Places,
): { readonly staying: readonly Column[]; going(place: number): readonly Column[] } {
  const turns = travelOf(terms, places).by === id;
  const others = terms.filter((one) => one !== id);
  const staying = others.flatMap((one) => termOf(one).columns(placeIn(places, one)));
  return {
    staying: [all('level'), ...(turns ? [] : [travelOf(others, places).column]), ...staying],
    going: (place) => [
      ...(turns ? [travelOf([id], { [id]: place }).column] : []),
      ...termOf(id).columns(place),
    ],
  };
}

/** The level and the travel come before any term's. */
const BEFORE_TERMS = 2;

/** The first of a term's columns. */
export function firstOf(terms: readonly TermId[], id: TermId): number {
  const before = terms.slice(0, terms.indexOf(id));
  return before.reduce((sum, other) => sum + termOf(other).columns(0).length, BEFORE_TERMS);
}

/** Of some places of one term the one that leaves least, the others staying where they are. */
function bestOf(
  sums: Sums,
  terms: readonly TermId[],
  places: Places,
  id: TermId,
  among: readonly number[],
): Places {
  let found = placeIn(places, id);
  let least = Infinity;
  if (among.length === 0) return { ...places, [id]: found };
  const { staying, going } = partedBy(id, terms, places);
  const left = leftBeside(sums, staying);
  for (const place of among) {
    const here = left(going(place));
    if (here < least) [least, found] = [here, place];
  }
  return { ...places, [id]: found };
}

/** Terms together, each where it leaves least; null where the readings do not tell them apart. */
function fitted(sums: Sums, terms: readonly TermId[]): Model | null {
  let places: Places = {};
  const place = (among: readonly TermId[], id: TermId): void => {
    places = bestOf(sums, among, places, id, termOf(id).coarse(sums.series));
    places = bestOf(sums, among, places, id, termOf(id).fine(sums.series, placeIn(places, id)));
  };
  terms.forEach((id, i) => place(terms.slice(0, i + 1), id));
  // Where one sits moves the others.
  if (terms.length > 1) for (const id of terms) place(terms, id);
  return nearer(sums, nearer(sums, settled(sums, terms, places)));
}

/** The joint fit with the places as they are. */
export function settled(sums: Sums, terms: readonly TermId[], places: Places): Model | null {
  const fit = fitLinear(sums, columnsOf(terms, places));
  return fit && { terms, places, fit };
}

/** Each place moved to where the readings leave least, near where it is; where that is no better it stays. */
export function nearer(sums: Sums, model: Model | null): Model | null {
  return (model?.terms ?? []).reduce<Model | null>((now, id) => {
    const term = termOf(id);
    if (!now || !term.nearest) return now;
    const near = placeIn(now.places, id);
    const place = term.nearest({
      series: sums.series,
      near,
      fit: now.fit,
      first: firstOf(now.terms, id),
      leanOn: (slide) =>
        fitLinear(sums, [...columnsOf(now.terms, now.places), slide])?.coefficients.at(-1) ?? 0,
    });
    if (place === near) return now;
    const moved = settled(sums, now.terms, { ...now.places, [id]: place });
    return moved && moved.fit.squares <= now.fit.squares ? moved : now;
  }, model);
}

/** Every choice of terms that this sweep could show. */
function choices(series: Series): TermId[][] {
  return TERM_IDS.filter((id) => termOf(id).possible(series)).reduce<TermId[][]>(
    (some, id) => [...some, ...some.map((one) => [...one, id])],
    [[]],
  );
}

/** What a figure must earn beyond what the criterion asks: places are looked for in many, and nothing is to be invented. */
const EARNS = 12;

/**
 * What a model costs: how much it leaves, and what its figures must earn. This is Schwarz's criterion (G. Schwarz, Annals of
 * Statistics 6, 1978) with a margin. It is chosen over a test of one term after another because a bow, a flat and a step
 * each explain a part of one another: asked for in turn the first would be believed, compared together the right one is. A
 * period that was looked for is a figure `more`.
 */
export function costOf({ w, resolution }: Series, { terms, fit }: Model, more = 0): number {
  const n = w.reduce((sum, one) => sum + one, 0) || w.length;
  // Nobody reads finer than the instrument shows: less than that left is not better.
  const floor = n * (resolution ** 2 / 12 + 1e-18);
  const figures = terms.reduce((sum, id) => sum + termOf(id).figures, more);
  return n * Math.log((fit.squares + floor) / n) + figures * (Math.log(n) + EARNS);
}

/** Of all choices of terms the one that costs least. */
export function chosenModel(series: Series): Model | null {
  const sums = sumsOf(series);
  let best: Model | null = null;
  let least = Infinity;
  for (const terms of choices(series)) {
    const model = fitted(sums, terms);
    if (!model) continue;
    const cost = costOf(series, model);
    if (cost < least) [least, best] = [cost, model];
  }
  return best;
}
