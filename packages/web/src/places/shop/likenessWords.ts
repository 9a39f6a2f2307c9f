import type { LikenessSaid } from '@anello/contract';
import { angle, count, type Phrase } from '@anello/core/figure';
import { DEVICE_NAMES } from '@anello/core/machine';

export type LikenessFigure = LikenessSaid['figures'][number];

/** Seconds of arc: finer than a scale is set. */
const SECOND = Math.PI / 180 / 3600;

/** What a figure of a lathe is called. */
export const titleOf = ({ kind, device }: LikenessFigure): string =>
  kind === 'took'
    ? 'What comes off for each 1.00 fed'
    : `${DEVICE_NAMES[device as NonNullable<typeof device>]}, set by its scale, stands off by`;

/** One value of it. */
export const valueOf = ({ kind }: Pick<LikenessFigure, 'kind'>, value: number): Phrase =>
  kind === 'took' ? [count(value, 0.01)] : [{ ...angle(value, SECOND), signed: true }];

/** How far single ones lie from the mean, and how many there are. */
export function scatterOf(figure: LikenessFigure): Phrase {
  const count = figure.points.length;
  if (figure.scatter === null) return ['from one job only'];
  return ['± ', ...valueOf(figure, figure.scatter).map(unsigned), `, ${count} jobs`];
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
