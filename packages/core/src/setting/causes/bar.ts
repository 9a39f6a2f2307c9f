import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { FINE, ON_DIAMETER, type Cause, type CauseFound, type Swept } from './kind';

/** A stretch is worth moving to where it strays less than this part of what the bow leaves of a part anywhere. */
const BETTER = 0.6;
/** Of an arc a straight line through it leaves two thirds of its height. */
const LEFT_OF_ARC = 2 / 3;

const CHECK: Phrase = [
  'Set the contact to centre height and sweep again: what goes was the contact’s, what stays is the bar’s',
];

/** A bar or a slide worn hollow, or standing high, between the ends of the sweep; or worn in places, in no one arc. */
export const bar: Cause = (swept) =>
  swept.analysis.bow ? bowed(swept, swept.analysis.bow.value) : uneven(swept);

function bowed(swept: Swept, bow: number): CauseFound {
  const height = Math.abs(bow);
  // A shorter piece of an arc bows by the square of its share.
  const share = Math.min(1, swept.task.length / swept.length) ** 2;
  const side = bow > 0 ? 'high' : 'hollow';
  return {
    id: 'bar',
    what: ['The needle bows: ', length(height, FINE), ` ${side} in the middle of `, length(swept.length, 1)],
    costs: ON_DIAMETER * height * share,
    todo: stretchOf(swept, height * share * LEFT_OF_ARC),
    check: CHECK,
  };
}

/** What no fault that has a name explains, where it is so much more than the needle's buzz. */
const MORE = 3;

function uneven(swept: Swept): CauseFound | null {
  const { analysis, wander, sweep } = swept;
  if (analysis.flat || analysis.step || analysis.sine) return null;
  if (!(analysis.noise > MORE * wander.buzz + sweep.resolution)) return null;
  return {
    id: 'bar',
    what: ['The needle wanders: up to ', length(wander.off, FINE), ' off a straight line, in no one arc'],
    costs: ON_DIAMETER * wander.off,
    todo: stretchOf(swept, wander.off),
    check: CHECK,
  };
}

/** Where on it this part is best made; `everywhere` is what it strays by if no place is better than another, mm. */
function stretchOf({ straightest, task }: Swept, everywhere: number): Phrase {
  if (straightest && straightest.off < BETTER * everywhere)
    return [
      'Use ',
      length(straightest.from, 1),
      ' to ',
      length(straightest.to, 1),
      ' of it: there it strays by ',
      length(straightest.off, FINE),
    ];
  return straightest
    ? [
        'It bows evenly: this part needs ',
        length(task.length, 1),
        ' of it, and any stretch of that strays by ',
        length(straightest.off, FINE),
        '. Dress the bar, or take that as it is',
      ]
    : ['Dress the bar, or use another stretch of it; a nudge of the angle only shares it out'];
}
