import type { Lathe } from '../machine/lathe';
import type { Feature } from '../part/kinds/registry';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { TaperTask } from '../taper/task';
import type { WayId } from '../taper/wayId';
import { wayOf } from '../ways/taper/registry';
import { isBore, isTaper, isThread } from '../part/kinds/is';

/** Two figures that cannot both be, said where the second one stands. */
export interface BadCombination {
  /** The box it concerns: one of the cut's, or a feature's id. */
  readonly field: string;
  readonly said: Phrase;
}

export interface CombinationFacts {
  readonly features: readonly Feature[];
  readonly task: TaperTask | null;
  readonly lathe: Lathe | null;
  readonly way: WayId | null;
  readonly cut: {
    readonly stock?: number | undefined;
    readonly roughDepth: number;
    readonly lastStock: number;
    readonly allowance: number;
  };
}

type Rule = (facts: CombinationFacts) => BadCombination[];

const say = (field: string, ...said: Phrase): BadCombination[] => [{ field, said }];

/** Two lengths that do not go together. */
const clash = (field: string, what: string, a: number, how: string, b: number, so = '.'): BadCombination[] =>
  say(field, `${what}, `, length(a, 0.01), `, ${how}, `, length(b, 0.01), so);

const stockUnderFinish: Rule = ({ task, cut: { stock } }) => {
  if (!task || stock === undefined) return [];
  const { largeDiameter: large, smallDiameter: small } = task;
  if (task.member === 'external') {
    if (stock < small)
      return clash('stock', 'The stock', stock, 'is smaller than the finished small end', small);
    return stock < large
      ? clash('stock', 'The stock', stock, 'does not clean up at the large end', large)
      : [];
  }
  if (stock > large) return clash('stock', 'The hole', stock, 'is larger than the finished mouth', large);
  return stock > small
    ? clash(
        'stock',
        'The hole',
        stock,
        'is larger than the small end',
        small,
        ': the cone never cleans up there.',
      )
    : [];
};

const stockOn = ({ task, cut: { stock } }: CombinationFacts): number | null =>
  !task || stock === undefined
    ? null
    : task.member === 'external'
      ? stock - task.smallDiameter
      : task.largeDiameter - stock;

const deeperThanLeft: Rule = (facts) => {
  const on = stockOn(facts);
  return on !== null && on > 0 && 2 * facts.cut.roughDepth > on
    ? say(
        'roughDepth',
        'One cut of ',
        length(facts.cut.roughDepth, 0.01),
        ' on radius is deeper than all that is left, ',
        length(on / 2, 0.01),
        ' on radius.',
      )
    : [];
};

const allowanceOverLast: Rule = (facts) => {
  const on = stockOn(facts);
  return on !== null && on > 0 && facts.cut.allowance >= on
    ? say(
        'allowance',
        'The allowance, ',
        length(facts.cut.allowance, 0.01),
        ', is all the stock there is: nothing would be cut.',
      )
    : [];
};

const travelShort: Rule = ({ task, lathe, way }) => {
  const short = task && lathe && way ? wayOf(way).short?.({ task, lathe }) : null;
  return short ? say('way', ...short) : [];
};

/** A wall thinner than this beside a hole is worth saying, mm. */
const THIN = 1;

const thinWall: Rule = ({ features, task }) => {
  if (!task || task.member === 'internal') return [];
  const cone = features.find(isTaper);
  const fromSmall = task.largeEnd === 'headstock' ? 'tailstock' : 'headstock';
  return features.flatMap((f) => {
    if (!isHole(f) || (f.from ?? 'tailstock') !== fromSmall || !f.diameter || f.id === cone?.id) return [];
    const wall = (task.smallDiameter - f.diameter) / 2;
    // Breaking out altogether is said by the layout already.
    return wall > 0 && wall < THIN
      ? say(f.id, `${f.name} leaves a wall of `, length(wall, 0.01), ' at the small end.')
      : [];
  });
};

const isHole = (f: Feature): f is Extract<Feature, { kind: 'bore' | 'thread' }> =>
  isBore(f) || (isThread(f) && f.side === 'internal');

const boreThroughTaper: Rule = ({ features, task }) =>
  task?.member === 'internal'
    ? features.flatMap((f) =>
        isBore(f) &&
        f.diameter !== undefined &&
        f.diameter > task.smallDiameter + 1e-9 &&
        (f.from ?? 'tailstock') === task.largeEnd
          ? clash(
              f.id,
              f.name,
              f.diameter,
              'is larger than the small end of the taper it follows',
              task.smallDiameter,
            )
          : [],
      )
    : [];

const RULES: readonly Rule[] = [
  stockUnderFinish,
  deeperThanLeft,
  allowanceOverLast,
  travelShort,
  thinWall,
  boreThroughTaper,
];

/**
 * Everything in a job that cannot go together as typed; none when all of it can.
 *
 * @example
 * badCombinations({
 *   features: SHANK_PART,
 *   task: SHANK,
 *   lathe: LONG,
 *   way: 'compound',
 *   cut: { stock: 15, roughDepth: 0.5, lastStock: 0.4, allowance: 0.1 },
 * }).map((one) => one.field)
 * // → ['stock']
 */
export const badCombinations = (facts: CombinationFacts): BadCombination[] =>
  RULES.flatMap((rule) => rule(facts));
