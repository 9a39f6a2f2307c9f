import type { End, Member } from '../taper/task';

/** What a card's picture is drawn from; every figure in mm and rad, none of it worked out again. */
export type StepDrawing =
  /** The compound seen from above, swung from the bed. */
  | {
      readonly kind: 'swing';
      readonly halfAngle: number;
      readonly largeEnd: End;
      readonly member: Member;
      readonly zero: 'along' | 'across';
    }
  /** How a cone cut off centre height departs from the straight one, as radius against length. */
  | {
      readonly kind: 'height';
      readonly height: number;
      readonly length: number;
      readonly points: readonly { readonly z: number; readonly off: number }[];
    }
  /** A gauge of the blank's own length to set a tailstock by. */
  | {
      readonly kind: 'gauge';
      readonly length: number;
      readonly taperLength: number;
      readonly largeDiameter: number;
      readonly smallDiameter: number;
      readonly largeEnd: End;
      readonly centreDiameter: number;
      readonly centreDepth: number;
    }
  /** A sine bar on its blocks. */
  | { readonly kind: 'sine-bar'; readonly length: number; readonly stack: number; readonly angle: number }
  /** Two pins in a block. */
  | { readonly kind: 'pins'; readonly x: number; readonly y: number; readonly name: string };
