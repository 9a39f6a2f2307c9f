import { nearAndFar, rimAndFace, separateRunout, towardJaws, type Phrase } from '@anello/core';

/** A way of reading held work twice round, and what the two rounds say together. */
export interface HoldMethod {
  readonly id: string;
  readonly title: string;
  readonly how: string;
  /** What the two rounds of four are called. */
  readonly rounds: readonly [string, string];
  /** The one distance it needs, if any. */
  readonly distance?: string;
  says(
    first: readonly number[],
    second: readonly number[],
    distance: number,
    resolution: number,
  ): readonly Phrase[];
}

export const HOLD_METHODS: readonly HoldMethod[] = [
  {
    id: 'rim-face',
    title: 'Rim and face',
    how: 'Two indicators, or one twice: on the rim near the jaws, and on the face near its edge. The rim tells the offset, the face the tilt.',
    rounds: ['Rim', 'Face'],
    distance: 'Face is read at a radius of',
    says: (rim, face, faceRadius, resolution) => {
      const { offset, tilt } = rimAndFace({ rim, face, faceRadius });
      return [
        ['Off centre by ', ...towardJaws(offset, resolution), ': the jaws.'],
        [
          'Tilted ',
          ...towardJaws(tilt, resolution / faceRadius, 'angle'),
          ' at the face: tap that side home, then read the rim again.',
        ],
      ];
    },
  },
  {
    id: 'near-far',
    title: 'Near and far',
    how: 'Long work: read close to the jaws, then as far out as it goes. True the near end by the jaws first, then tap the far end.',
    rounds: ['Near', 'Far'],
    distance: 'Apart',
    says: (near, far, apart, resolution) => {
      const { offset, tap } = nearAndFar({ near, far, apart });
      return [
        ['Near the jaws it is off by ', ...towardJaws(offset, resolution), '.'],
        [
          'The far end leans ',
          ...towardJaws(tap, resolution),
          ': tap it back by as much with a soft hammer.',
        ],
      ];
    },
  },
  {
    id: 'turned',
    title: 'Turned half round',
    how: 'Read it, then turn the piece half round in its chuck or collet, not the spindle, and read the same places again.',
    rounds: ['As it was', 'Turned 180°'],
    says: (first, turned, _distance, resolution) => {
      const { spindle, piece } = separateRunout({ first, turned });
      return [
        ['The spindle’s own part: ', ...towardJaws(spindle, resolution), '.'],
        ['The piece’s or the collet’s part: ', ...towardJaws(piece, resolution), '.'],
      ];
    },
  },
];
