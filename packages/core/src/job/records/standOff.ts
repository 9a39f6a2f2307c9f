import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** How far the part stood off its gauge line at a try. */
export interface StandOff {
  readonly kind: 'stand-off';
  readonly seen: number;
  readonly halfAngle: number;
  readonly diameterLeft: number;
  readonly typed: string;
  /** Dial, slide and tool were looked at before it, because the passes so far did not go together. */
  readonly checked?: true | undefined;
}

export const standOff: KindOfRecord<StandOff> = {
  kind: 'stand-off',
  called: 'Stand-offs in a gauge',
  stage: 'prove',
  ofTheCut: true,
  say: ({ seen, diameterLeft, checked }) => [
    seen < 0 ? 'Past its line by ' : 'Stood off ',
    length(Math.abs(seen), 0.01),
    ': ',
    length(Math.abs(diameterLeft), SEEN),
    seen < 0 ? ' on diameter' : ' left on diameter',
    ...(checked ? [', counted from here: dial, slide and tool were looked at'] : []),
  ],
};
