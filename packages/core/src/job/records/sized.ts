import { type KindOfRecord } from './kind';
import { sizeFigure, unitOfSize, type SizeUnit } from './sizeUnit';

/** A figure of a feature as it was measured, with what it may be; mm where no unit is said. */
export interface Sized {
  readonly kind: 'sized';
  /** Which of its figures: "Collar, diameter". */
  readonly what: string;
  readonly seen: number;
  readonly low: number;
  readonly high: number;
  readonly unit?: SizeUnit | undefined;
  readonly typed: string;
}

export const sized: KindOfRecord<Sized> = {
  kind: 'sized',
  called: 'Sizes measured',
  say(body) {
    const { what, seen, low, high } = body;
    const unit = unitOfSize(body);
    return [
      `${what} `,
      sizeFigure(seen, unit),
      ', may be ',
      sizeFigure(low, unit),
      ' to ',
      sizeFigure(high, unit),
    ];
  },
};
