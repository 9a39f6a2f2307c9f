import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { dialIn } from '../../eccentric/dialIn';
import { JAWS } from '../../holding/circleFit';
import { trueUp, type JawMove } from '../../holding/trueUp';
import { TRUE_WITHIN } from '../exercises/fourJaw';
import { THROW } from '../exercises/throw';
import type { Taken } from './taken';

const QUARTER = Math.PI / 2;
/** Turned this near to a jaw it is read at that jaw, rad. */
const AT_JAW = 0.2;

function atJaws(taken: readonly Taken[]): (number | null)[] {
  return [0, 1, 2, 3].map((jaw) => {
    const here = taken.filter(({ spindle }) => {
      const off = spindle - jaw * QUARTER;
      return Math.abs(Math.atan2(Math.sin(off), Math.cos(off))) < AT_JAW;
    });
    return here.at(-1)?.reading ?? null;
  });
}

export function fourJaw(taken: readonly Taken[]): Phrase {
  const readings = atJaws(taken);
  const missing = readings.filter((r) => r === null).length;
  if (missing === readings.length)
    return ['Turn the spindle to jaw 1 and take the needle, then to each of the others.'];
  const { moves, said, inside, readNext } = trueUp({
    readings,
    limit: TRUE_WITHIN,
    school: 'half',
    resolution: 0.001,
  });
  if (inside) return said;
  if (readNext !== null) return ['Take it at jaw ', String(readNext), ' next.'];
  return moves.length > 0 ? moved(moves) : said;
}

const moved = (moves: readonly JawMove[]): Phrase =>
  moves.flatMap(({ jaw, action, by }, i): Phrase => [
    i === 0 ? '' : ', then ',
    i === 0 ? (action === 'loosen' ? 'Loosen' : 'Tighten') : action,
    ` jaw ${jaw} by `,
    length(by, 0.01),
    i === moves.length - 1 ? '.' : '',
  ]);

export function offAxis(taken: readonly Taken[]): Phrase {
  const readings = atJaws(taken);
  const read = readings.flatMap((reading, i) =>
    reading === null ? [] : [{ reading, direction: JAWS[i] as number }],
  );
  if (read.length < readings.length)
    return [`Turn the spindle to jaw ${readings.indexOf(null) + 1} and take the needle there.`];
  const { moves, said, inside } = dialIn({
    readings: read,
    throw: THROW.wanted,
    toward: 1,
    limit: THROW.limit,
    diameter: THROW.diameter,
    resolution: 0.001,
  });
  return inside || moves.length === 0 ? said : moved(moves);
}
