import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { nextInfeed } from '../../infeed/nextInfeed';
import { dialOf, radialOf } from '../../machine/dialReads';
import { PRACTICE_LATHE } from '../../virtual-lathe/practiceLathe';
import { SIZE } from '../exercises/toSize';
import type { Taken } from './taken';

const MIDDLE = (SIZE.least + SIZE.most) / 2;
const BAND = (SIZE.most - SIZE.least) / 4;
const RISK = 0.01;
const DEEPEST = 0.75;
/** A micrometer's plus or minus (k = 2) on radius. */
const READ = 0.0016;

export function toSize(taken: readonly Taken[]): Phrase {
  const { reads, division } = PRACTICE_LATHE.dial;
  const last = taken.at(-1);
  if (!last)
    return [
      'Feed in until it just cuts, run along it, and measure: from then on the dial is known against the work.',
    ];
  const stock = (last.reading - MIDDLE) / 2;
  if (last.reading >= SIZE.least && last.reading <= SIZE.most)
    return ['It is inside its limits as measured: let it cool, and measure once more.'];
  if (last.reading < SIZE.least) return ['It has gone under its limits.'];
  const said = nextInfeed({
    passes: taken.slice(1).map((one, i) => ({
      infeed: radialOf(one.cross - (taken[i] as Taken).cross, reads),
      removed: ((taken[i] as Taken).reading - one.reading) / 2,
    })),
    target: stock + BAND,
    tolerance: 2 * BAND,
    risk: RISK,
    uncertainty: READ,
    division: radialOf(division, reads) / 4,
  });
  if (said.move === 'cut' || said.move === 'spring-pass')
    return [
      'Feed the dial to ',
      length(last.cross + dialOf(Math.min(DEEPEST, said.infeed), reads), 0.005),
      ', run along it, and measure.',
    ];
  return said.move === 'measure'
    ? ['Measure once more before another cut.']
    : ['Feed no more by the dial until slide, dial and tool have been looked at.'];
}
