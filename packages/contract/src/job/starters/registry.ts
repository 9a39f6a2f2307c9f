import { taperSize, type TaperSize } from '@anello/core/taper';
import { entry, type Entry } from '../../entry/entry';
import { newWork } from '../work/new';
import { shapesOf } from '../work/shapes';
import type { JobDocument } from '../schema';
import { ballHandle } from './ballHandle';
import { bush } from './bush';
import { colletSeat } from './colletSeat';
import { crankPin } from './crankPin';
import { foot } from './foot';
import { handle } from './handle';
import { hub } from './hub';
import { plainShank } from './plainShank';
import { plug } from './plug';
import { reducingSleeve } from './reducingSleeve';
import { roller } from './roller';
import { shank } from './shank';
import { sheave } from './sheave';
import { sleeve } from './sleeve';
import type { Ask, Starter } from './starter';
import { steepMandrel } from './steepMandrel';
import { tangShank } from './tangShank';
import { taperPin } from './taperPin';

/** Every kind of part to begin from, in the order shown. A new one is a file beside these and its line here. */
export const STARTERS: readonly Starter[] = [
  plainShank,
  tangShank,
  shank,
  sleeve,
  reducingSleeve,
  hub,
  steepMandrel,
  colletSeat,
  taperPin,
  sheave,
  crankPin,
  handle,
  ballHandle,
  foot,
  roller,
  bush,
  plug,
];

/** What was typed so far: figures by key, sizes of the tables as `series/size`. */
export interface StarterGiven {
  readonly figures: Readonly<Record<string, Entry | undefined>>;
  readonly tapers: Readonly<Record<string, TaperSize | undefined>>;
}

/** A size of the published tables by its key; what a shop has saved is looked up by who has it. */
export function tableSize(key: string): TaperSize {
  const [series = '', size = ''] = key.split(/\/(.*)/s);
  return taperSize(series, size);
}

const usualOf = (asked: Ask | undefined): string => asked?.usual ?? '';

/** The part a starter makes from what was typed, the usual where nothing was: what a new job begins with. */
export function startedWith(
  { asks, make }: Starter,
  { figures, tapers }: StarterGiven,
): Pick<JobDocument, 'title' | 'features' | 'work'> {
  const { title, mate, features } = make({
    figure(key) {
      const asked = asks.find((a) => a.key === key);
      return figures[key] ?? entry(usualOf(asked), asked?.kind === 'figure' ? asked.dimension : 'length');
    },
    taper: (key) => tapers[key] ?? tableSize(usualOf(asks.find((a) => a.key === key))),
  });
  const [first] = shapesOf({ features: [...features] });
  const work = first && mate ? { [first.feature]: { ...newWork(first.kind), mate } } : {};
  return { title, features: [...features], work };
}
