import { length, type Phrase } from '@anello/core/figure';
import {
  JAWS,
  nearAndFar,
  readRound,
  rimAndFace,
  roundFit,
  separateRunout,
  stickOffset,
  towardJaws,
  type RoundReading,
} from '@anello/core/holding';

/** A place a reading is taken at, as the work is turned. */
export interface HoldPlace {
  readonly label: string;
  /** From jaw 1, rad. */
  readonly direction: number;
}

/** A way of reading held work round, once or twice, and what the readings say. */
export interface HoldMethod {
  readonly id: string;
  readonly title: string;
  readonly how: string;
  /** What the rounds are called. */
  readonly rounds: readonly string[];
  readonly places: readonly HoldPlace[];
  /** The distances it needs besides. */
  readonly distances: readonly string[];
  /** Errors: the core's. */
  says(
    rounds: readonly (readonly number[])[],
    distances: readonly number[],
    resolution: number,
  ): readonly Phrase[];
}

const TWELVE = 12;
const AT_JAWS: readonly HoldPlace[] = JAWS.map((direction, i) => ({ label: `jaw ${i + 1}`, direction }));
const corners = (count: number, first: number): HoldPlace[] =>
  Array.from({ length: count }, (_, i) => ({
    label: `corner ${i + 1}`,
    direction: first + (i * 2 * Math.PI) / count,
  }));

function cornersMethod(id: string, title: string, how: string, places: readonly HoldPlace[]): HoldMethod {
  return {
    id,
    title,
    how,
    rounds: ['Highest at'],
    places,
    distances: [],
    says: ([seen = []], _distances, resolution) => {
      const readings: RoundReading[] = places.map(({ direction }, i) => ({
        direction,
        reading: seen[i] ?? NaN,
      }));
      const { x, y, outOfRound } = roundFit(readings);
      return [
        ['Off centre by ', ...towardJaws({ x: x ?? 0, y: y ?? 0 }, resolution), ': move it back by as much.'],
        ['The corners themselves differ by ', length(outOfRound, resolution), '; no jaw cures that.'],
      ];
    },
  };
}

export const HOLD_METHODS: readonly HoldMethod[] = [
  {
    id: 'rim-face',
    title: 'Rim and face',
    how: 'Two indicators, or one twice: on the rim near the jaws, and on the face near its edge. The rim tells the offset, the face the tilt.',
    rounds: ['Rim', 'Face'],
    places: AT_JAWS,
    distances: ['Face is read at a radius of'],
    says: ([rim = [], face = []], [faceRadius = NaN], resolution) => {
      const { offset, tilt } = rimAndFace({ rim, face, faceRadius });
      return [
        ['Off centre by ', ...towardJaws(offset, resolution), ': the jaws.'],
        [
          'Tilted: the face stands out ',
          ...towardJaws({ x: -tilt.x, y: -tilt.y }, resolution / faceRadius, 'angle'),
          ': tap that side home, then read the rim again.',
        ],
      ];
    },
  },
  {
    id: 'right-round',
    title: 'Right round',
    how: 'Twelve places evenly round, jaw 1 first, the way the jaws are numbered. It tells what is off its axis from what is oval, pressed by jaws, or rough.',
    rounds: ['Reads at'],
    places: Array.from({ length: TWELVE }, (_, i) => ({
      label: i % 3 === 0 ? `jaw ${i / 3 + 1}` : `${(360 / TWELVE) * i}°`,
      direction: (i * 2 * Math.PI) / TWELVE,
    })),
    distances: [],
    says: ([seen = []], _distances, resolution) => {
      const readings = seen.map((reading, i) => ({ reading, direction: (i * 2 * Math.PI) / TWELVE }));
      return readRound({ readings, resolution }).said.map((phrase) => [...phrase, '.']);
    },
  },
  {
    id: 'near-far',
    title: 'Near and far',
    how: 'Long work: read close to the jaws, then as far out as it goes. True the near end by the jaws first, then tap the far end.',
    rounds: ['Near', 'Far'],
    places: AT_JAWS,
    distances: ['Apart'],
    says: ([near = [], far = []], [apart = NaN], resolution) => {
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
    places: AT_JAWS,
    distances: [],
    says: ([first = [], turned = []], _distances, resolution) => {
      const { spindle, piece } = separateRunout({ first, turned });
      return [
        ['The spindle’s own part: ', ...towardJaws(spindle, resolution), '.'],
        ['The piece’s or the collet’s part: ', ...towardJaws(piece, resolution), '.'],
      ];
    },
  },
  cornersMethod(
    'square',
    'Square bar',
    'Rock each corner past the plunger and type the highest it shows. The flats face the jaws, so corner 1 lies between jaws 1 and 2.',
    corners(4, Math.PI / 4),
  ),
  cornersMethod(
    'hex',
    'Hex bar',
    'Rock each corner past the plunger and type the highest it shows. Corner 1 faces jaw 1; the others follow the way the jaws are numbered.',
    corners(6, 0),
  ),
  {
    id: 'stick',
    title: 'Punch mark by stick',
    how: 'A centre-finder stick: one end in the punch mark, pivoted near it, the needle at its long end. Type what the needle shows with each jaw up.',
    rounds: ['Needle'],
    places: AT_JAWS,
    distances: ['Mark to pivot', 'Pivot to needle'],
    says: ([needle = []], [short = NaN, long = NaN], resolution) => {
      const off = stickOffset({ readings: needle, short, long });
      return [
        ['The punch mark is off by ', ...towardJaws(off, resolution), '.'],
        [
          'The stick shows it ',
          { quantity: 'number', value: long / short, resolution: 0.1 },
          ' times larger, and turned over.',
        ],
      ];
    },
  },
];
