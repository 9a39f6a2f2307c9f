import type { LikenessSaid } from '@anello/contract';
import { angle, count, length, type Phrase } from '@anello/core/figure';
import { NAMED_WAYS } from '@anello/core/ways';
import { DEVICE_NAMES } from '@anello/core/machine';
import { holdsNow } from '@anello/core/memory';

export type LikenessFigure = LikenessSaid['figures'][number];

/** Seconds of arc: finer than a scale is set. */
const SECOND = Math.PI / 180 / 3600;

const nameOfWay = (id: string): string => NAMED_WAYS.find((way) => way.id === id)?.title ?? id;

interface Words {
  title(figure: LikenessFigure): string;
  value(value: number): Phrase;
}

/** Each respect a lathe is known in: what it is called, and how a value of it reads. */
const WORDS: Readonly<Record<LikenessFigure['kind'], Words>> = {
  scale: {
    title: ({ device }) =>
      `${DEVICE_NAMES[device as NonNullable<typeof device>]}, set by its scale, stands off by`,
    value: (value) => [{ ...angle(value, SECOND), signed: true }],
  },
  'set-up': {
    title: ({ way }) => `${way ? nameOfWay(way) : 'A way'}: minutes until it is proved`,
    value: (value) => [count(value, 1)],
  },
  took: { title: () => 'What comes off for each 1.00 fed', value: (value) => [count(value, 0.01)] },
  spring: {
    title: () => 'Springs back of a cut',
    value: (value) => [{ quantity: 'percent', value: Math.max(0, value) }],
  },
  lash: { title: () => 'Further off at the first cut than the dial says', value: (v) => [length(v, 0.001)] },
  wear: { title: () => 'The edge recedes at a pass by', value: (value) => [length(value, 0.0001)] },
  runout: { title: () => 'A master in the spindle swings by', value: (value) => [length(value, 0.001)] },
  drift: {
    title: () => 'A batch goes by, from piece to piece',
    value: (value) => [length(value, 0.001, { signed: true })],
  },
};

/** What a figure of a lathe is called. */
export const titleOf = (figure: LikenessFigure): string => WORDS[figure.kind].title(figure);

/** One value of it. */
export const valueOf = ({ kind }: Pick<LikenessFigure, 'kind'>, value: number): Phrase =>
  WORDS[kind].value(value);

/** How far single ones lie from what holds now, and from how many jobs that is. */
export function scatterOf(figure: LikenessFigure): Phrase {
  const { scatter, jobs } = holdsNow(figure);
  if (scatter === null) return ['from one job only'];
  const how = figure.changed ? `, the last ${jobs} jobs` : `, ${jobs} jobs`;
  return ['± ', ...valueOf(figure, scatter).map(unsigned), how];
}

const unsigned = (part: Phrase[number]): Phrase[number] =>
  typeof part === 'string' ? part : { ...part, signed: false };

/** What is different lately; null where nothing is. */
export function changeOf(figure: LikenessFigure): Phrase | null {
  const { changed } = figure;
  if (!changed) return null;
  return [
    'Lately ',
    ...valueOf(figure, changed.to),
    ' where it was ',
    ...valueOf(figure, changed.from),
    '. See what was moved or has worn.',
  ];
}
