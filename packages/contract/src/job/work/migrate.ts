import { isTaper } from '@anello/core/part';
import type { Entry } from '../../entry/entry';
import type { FeatureDocument } from '../feature/schema';
import { newWork } from './new';
import type { WorkKind } from './schema';
import { shapesOf } from './shapes';

/** What a job of form 4 said once, for the one shape it was about. */
interface Form4 {
  readonly features?: readonly FeatureDocument[];
  readonly note?: string;
  readonly mate?: string;
  readonly tolerance?: unknown;
  readonly way?: unknown;
  readonly sizing?: unknown;
  readonly cut?: Readonly<Record<string, Entry | number | string | undefined>>;
  readonly eccentric?: Readonly<Record<string, unknown>>;
  readonly curve?: Readonly<Record<string, unknown>>;
}

const MOST_NOTE = 2000;

/**
 * Form 5 says how each shape is made by its feature. What form 4 said of "the taper" is said of the first, which was the one
 * it worked; a choice for throws or curves is said of each of them, as it held for whichever was looked at. What it was tried
 * in goes with the shape the job was about; of a plain part it is kept in the note.
 */
export function withWorkByShape(older: object): object {
  const { mate = '', tolerance, way, sizing, cut = {}, eccentric, curve, ...rest } = older as Form4;
  const features = rest.features ?? [];
  const { stock, lastStock, allowance, risk, ...whole } = cut;
  const { feature: _looked, ...throws } = eccentric ?? {};
  const usual = newWork('taper');
  const said: Readonly<Record<WorkKind, object>> = {
    taper: {
      ...defined({ tolerance, way, sizing }),
      cut: { ...usual.cut, ...defined({ stock, lastStock, allowance, risk }) },
    },
    eccentric: throws,
    curve: curve ?? {},
  };
  const shapes = shapesOf({ features: [...features] });
  const work = shapes.map((shape, i) => {
    const { feature, kind } = shape;
    // Of several tapers only the first was worked; the others begin as new.
    const own = isTaper(shape) && i > 0 ? {} : said[kind];
    return [feature, { ...newWork(kind), ...own, mate: i === 0 ? mate : '' }];
  });
  return {
    ...rest,
    note: shapes.length > 0 || mate.trim() === '' ? rest.note : withMate(rest.note ?? '', mate),
    work: Object.fromEntries(work),
    cut: whole,
  };
}

const withMate = (note: string, mate: string): string =>
  [note, `Tried in: ${mate}.`].filter(Boolean).join('\n').slice(0, MOST_NOTE);

const defined = (all: Readonly<Record<string, unknown>>): object =>
  Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined));
