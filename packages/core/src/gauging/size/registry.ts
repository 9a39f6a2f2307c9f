import { AnelloError } from '../../basics/error';
import { finite, positive } from '../../basics/check';
import { length } from '../../figure/figure';
import { ratioOf } from '../../taper/solve';
import { smallEndOverRollers } from '../smallEndOverRollers';
import type { TaperTask } from '../../taper/task';
import type { SizeMethod } from './sizeMethod';

const BOTH = ['external', 'internal'] as const;

/** A gauge that is further off than the taper is long has nothing of it to sit on: a slip of the keys, or of units. */
function onTheGauge(off: number, { length: whole }: TaperTask): number {
  if (Math.abs(off) > whole)
    throw new AnelloError('impossible', 'seen', [
      'That is further than the whole taper is long, ',
      length(whole, 0.1),
      ': the gauge would not be on it. See what was typed.',
    ]);
  return off;
}

const standOff: SizeMethod = {
  id: 'stand-off',
  title: 'Stand-off',
  members: BOTH,
  how: 'Push it home by hand and read how far the gauge line still is.',
  reads: 'Stand-off now',
  hint: 'From the gauge line; minus when it has gone past.',
  given: [],
  check: () => undefined,
  standOff: (seen) => finite(seen, 'seen'),
};

const depth: SizeMethod = {
  id: 'depth',
  title: 'Depth from a face',
  members: BOTH,
  how: 'Push it home and measure between two faces that show where it sits: shoulder to sleeve, plug’s end to the mouth’s face.',
  reads: 'Between the faces now',
  given: [{ key: 'wanted', label: 'Between the faces when it is right' }],
  check: ({ wanted = Number.NaN }) => void finite(wanted, 'wanted'),
  standOff: (seen, { wanted = Number.NaN }) => finite(seen, 'seen') - finite(wanted, 'wanted'),
};

/** On its small end, between rollers: the small end it has, against the one it should have. */
const rollers: SizeMethod = {
  id: 'rollers',
  title: 'Over two rollers',
  members: ['external'],
  how: 'Stand it on its small end on the plate, two equal rollers beside it, and measure over them. The angle is taken as right.',
  reads: 'Over the rollers',
  given: [{ key: 'roller', label: 'Rollers, diameter' }],
  check: ({ roller = Number.NaN }) => void positive(roller, 'roller', 'The roller'),
  standOff(seen, { roller = Number.NaN }, task) {
    const { smallDiameter } = smallEndOverRollers({
      measurement: positive(seen, 'seen', 'The measurement'),
      rollerDiameter: positive(roller, 'roller', 'The roller'),
      halfAngle: task.halfAngle,
    });
    return (smallDiameter - task.smallDiameter) / ratioOf(task.halfAngle);
  },
};

/**
 * A ball of radius r rests where the side is r / cos a from the axis; its top lies r above its centre. A bore still
 * small holds it higher: by as much along the axis as a plug would stand off.
 */
const ball: SizeMethod = {
  id: 'ball',
  title: 'On a ball',
  members: ['internal'],
  how: 'Rest a ball of known size in the bore and measure from the mouth’s face down to its top; minus when it stands proud.',
  reads: 'Down to the top of the ball',
  given: [{ key: 'ball', label: 'Ball, diameter' }],
  check({ ball: size = Number.NaN }, task) {
    const centre = ballCentre(size, task);
    if (centre < 0 || centre > task.length)
      throw new AnelloError('impossible', 'ball', 'Such a ball does not rest inside this bore.');
  },
  standOff: (seen, { ball: size = Number.NaN }, task) =>
    ballCentre(size, task) - size / 2 - finite(seen, 'seen'),
};

/** How far below the mouth a ball's centre lies when the bore is right. */
const ballCentre = (size: number, { largeDiameter, halfAngle }: TaperTask): number =>
  (largeDiameter / 2 - positive(size, 'ball', 'The ball') / 2 / Math.cos(halfAngle)) / Math.tan(halfAngle);

const limitLines: SizeMethod = {
  id: 'limit-lines',
  title: 'Two limit lines',
  members: BOTH,
  how: 'The gauge carries two lines. Read from the first line reached to the face: minus is not there yet, between nothing and their distance is right.',
  reads: 'Past the first line',
  given: [{ key: 'apart', label: 'Between the two lines' }],
  check: ({ apart = Number.NaN }) => void positive(apart, 'apart', 'The distance between the lines'),
  band: ({ apart = Number.NaN }) => positive(apart, 'apart', 'The distance between the lines') / 2,
  standOff: (seen, { apart = Number.NaN }) =>
    positive(apart, 'apart', 'The distance between the lines') / 2 - finite(seen, 'seen'),
};

/**
 * A reading by one way as a stand-off, what is given looked at first. Errors: as the method's; impossible where the gauge
 * would not be on the taper.
 *
 * @example
 * standOffBy(SIZE_METHODS[0], 1.6, {}, SHANK)
 * // → 1.6
 */
export function standOffBy(
  method: SizeMethod,
  seen: number,
  given: Readonly<Record<string, number>>,
  task: TaperTask,
): number {
  method.check(given, task);
  return onTheGauge(method.standOff(seen, given, task), task);
}

/** Every way of finding size, in the order offered. */
export const SIZE_METHODS: readonly SizeMethod[] = [standOff, depth, rollers, ball, limitLines];
