import { fitLinear, type LinearFit } from './linearFit';
import { chosenModel, columnsOf, costOf, firstOf, nearer, settled, type Model } from './model';
import { jumpsFrom, jumpsIn, offNeighbours, without } from './outliers';
import { withOwnPeriod } from './ownPeriod';
import { seriesOf, thinned, type Series } from './series';
import { drawingOf, leftBy } from './shapes';
import { sumsOf, type Sums } from './sums';
import type { Sweep, SweepAnalysis } from './sweep';
import type { TermId } from './terms/kind';
import { termOf } from './terms/registry';

/** Looked for again without the readings that jump out of what was found, so often at the most. */
const ROUNDS = 4;
/** A size this many of its own standard uncertainties is believed. */
const BELIEVED = 4;

/** A model and the series it was fitted to: with the readings it counts, and the period it swings by. */
interface Found {
  readonly series: Series;
  readonly model: Model;
}

/**
 * What a sweep of an indicator shows: its slope, and of bow, lost travel at the start, a step, a swing with the screw and
 * readings that jump out those of which the readings leave no doubt, each with what it amounts to. Readings that jump out of
 * their neighbours' line are left out first (a robust start); then every choice of terms is fitted jointly and the one that
 * costs least is taken. Errors: inconsistent, underdetermined, not-finite, out-of-range.
 *
 * @example
 * analyseSweep({ travel: SWEEP_AT, reading: SWEEP_AT.map((z) => 0.0001 * z), expectedSlope: 0 }).bow
 * // → null
 */
export function analyseSweep(sweep: Sweep): SweepAnalysis {
  const whole = seriesOf(sweep);
  const found = lookedFor(thinned(whole));
  return said(whole, onAll({ ...whole, period: found.series.period }, found.model));
}

/** A model settled on every reading, with the sums it came of. */
interface Settled {
  readonly sums: Sums;
  readonly model: Model;
}

/** The terms of a sweep and where they sit, whatever single readings do. */
function lookedFor(series: Series): Found {
  let found = best(without(series, offNeighbours(series)));
  for (let round = 1; round < ROUNDS; round++) {
    const next = without(series, found.model.fit.residuals());
    if (next.w.every((one, i) => one === found.series.w[i])) break;
    found = best(next);
  }
  return { ...found, model: believable(found) };
}

/** The lead screw's swing, one of a period of its own, or none: whichever costs least. */
function best(series: Series): Found {
  const model = chosenModel(series) ?? levelOnly(series);
  const still = series.period === null ? model : (chosenModel({ ...series, period: null }) ?? model);
  const swung = withOwnPeriod(series, still);
  return swung && costOf(swung.series, swung.model, 1) < costOf(series, model) ? swung : { series, model };
}

/** Where nothing can be fitted the readings say no more than at which level they stand. */
function levelOnly(series: Series): Model {
  const [level = []] = columnsOf([], {});
  const fit = fitLinear(sumsOf({ ...series, w: series.w.map(() => 1) }), [level]);
  if (!fit) throw new Error('a level can always be fitted');
  return { terms: [], places: {}, fit: { ...fit, coefficients: [fit.coefficients[0] ?? 0, 0] } };
}

/** The same without terms that are no larger than what is not known of them. */
function believable({ series, model }: Found): Model {
  const doubtful = model.terms.find((id) => {
    const { size, u } = sizeOf(series, model, id);
    return !(size > BELIEVED * u && size > LEAST_STEPS * series.resolution);
  });
  if (doubtful === undefined) return model;
  const terms = model.terms.filter((id) => id !== doubtful);
  const rest = settled(sumsOf(series), terms, model.places);
  return rest ? believable({ series, model: rest }) : model;
}
/** Less than this many of the instrument's own steps is what reading to whole steps makes by itself. */
const LEAST_STEPS = 0.75;

/** Standard deviation of one reading as it bears on a term: alike neighbours tell less than they are many. */
function scatterOf({ w, resolution }: Series, fit: LinearFit): number {
  const residuals = fit.residuals();
  const one = Math.sqrt(Math.max(fit.squares / fit.freedom, resolution ** 2 / 12));
  let [together, all] = [0, 0];
  for (let k = 1; k < residuals.length; k++) {
    const both = (w[k] as number) * (w[k - 1] as number);
    together += both * (residuals[k] as number) * (residuals[k - 1] as number);
    all += both * (residuals[k] as number) ** 2;
  }
  const alike = all > 0 ? Math.min(0.9, Math.max(0, together / all)) : 0;
  return one * Math.sqrt((1 + alike) / (1 - alike));
}

/** How large a term is in the reading, and how far that is known. */
function sizeOf(series: Series, { terms, places, fit }: Model, id: TermId): { size: number; u: number } {
  const one = scatterOf(series, fit);
  const place = places[id] ?? 0;
  const first = firstOf(terms, id);
  const own = termOf(id)
    .columns(place)
    .map((_, i) => first + i);
  // A flat has no column of its own: what it has kept the reading from climbing.
  if (own.length === 0)
    return { size: Math.abs((fit.coefficients[1] as number) * place), u: Math.SQRT2 * one };
  return {
    size: Math.hypot(...own.map((i) => fit.coefficients[i] as number)),
    u: one * Math.max(...own.map((i) => fit.spread(i) ?? Infinity)),
  };
}

/** The model settled on every reading, each place moved to where all of them leave least, without what jumps out. */
function onAll(whole: Series, { terms, places, fit }: Model): Settled {
  const drawing = drawingOf(whole);
  const jumps = leftBy(whole, drawing, columnsOf(terms, places), fit.coefficients);
  const sums = sumsOf(without(whole, jumps), drawing);
  const start = settled(sums, terms, places) ?? settled(sums, [], {});
  return start ? { sums, model: nearer(sums, start) ?? start } : { sums, model: levelOnly(whole) };
}

function said(whole: Series, { sums, model }: Settled): SweepAnalysis {
  const { series } = sums;
  const { terms, places, fit } = model;
  const has = (id: TermId): boolean => terms.includes(id);
  const amount = (id: TermId): number => fit.coefficients[firstOf(terms, id)] as number;
  const one = scatterOf(series, fit);
  const joint = withSlides(sums, model);
  const slid = columnsOf(terms, places).length;
  return {
    slope: { value: fit.coefficients[1] as number, u: one * (joint.spread(1) ?? 0) },
    bow: has('bow') ? { value: amount('bow'), u: one * (joint.spread(firstOf(terms, 'bow')) ?? 0) } : null,
    flat: has('flat') ? lost(series, places.flat ?? 0, one * (joint.spread(slid) ?? 0)) : null,
    step: has('step') ? { at: series.from + (places.step ?? 0), size: amount('step') } : null,
    sine: has('sine')
      ? { amplitude: sizeOf(series, model, 'sine').size, period: series.period ?? series.length }
      : null,
    spikes: spikesIn(whole, fit.residuals()),
    noise: Math.sqrt(fit.squares / fit.freedom),
  };
}

/** The fit with how the readings change where a place does: what is not known of a place is not known of the slope either. */
function withSlides(sums: Sums, { terms, places, fit }: Model): LinearFit {
  const slides = terms.flatMap((id) => {
    const slide = termOf(id).slide?.(places[id] ?? 0, fit.coefficients);
    return slide ? [slide] : [];
  });
  if (slides.length === 0) return fit;
  return fitLinear(sums, [...columnsOf(terms, places), ...slides]) ?? fit;
}

/** A hand that stops where it likes has stopped within so many gaps. */
const SOON = 6;

/** Counted from where the slide was set going: from nothing, where the first reading came soon after that. */
function lost({ from, gap }: Series, end: number, u: number): SweepAnalysis['flat'] {
  const soon = from > 0 && from < SOON * gap;
  return { length: end + (soon ? from : 0), u: Math.hypot(u, gap / Math.sqrt(12)) };
}

/** Of neighbours that jump out together the one that is farthest out: a chip is one thing. */
function spikesIn({ u, from, resolution }: Series, residuals: Float64Array): SweepAnalysis['spikes'] {
  return jumpsIn(residuals, jumpsFrom(residuals, resolution)).map((run) => {
    let farthest = run.from;
    for (let i = run.from; i < run.to; i++)
      if (Math.abs(residuals[i] as number) > Math.abs(residuals[farthest] as number)) farthest = i;
    return { at: from + (u[farthest] as number), size: residuals[farthest] as number };
  });
}
