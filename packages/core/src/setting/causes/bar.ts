import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Stretch } from '../../sweep/straightest';
import { FINE, fine, ON_DIAMETER, type Cause, type CauseFound, type Swept } from './kind';

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

/** What a bow leaves of a part of it, mm: a shorter piece of an arc bows by the square of its share. */
const heightOf = ({ task, length: whole }: Facts, bow: number): number =>
  Math.abs(bow) * Math.min(1, task.length / whole) ** 2;

function bowed(swept: Swept, bow: number): CauseFound {
  const side = bow > 0 ? 'high' : 'hollow';
  return {
    id: 'bar',
    what: [
      'The needle bows: ',
      length(Math.abs(bow), FINE),
      ` ${side} in the middle of `,
      length(swept.length, 1),
    ],
    costs: ON_DIAMETER * heightOf(swept, bow),
    todo: todo(swept, bow),
    check: CHECK,
  };
}

/** What no fault that has a name explains, where it is so much more than the needle's buzz. */
const MORE = 3;

function wanders({ analysis, wander, sweep }: Facts): boolean {
  if (analysis.flat || analysis.step || analysis.sine) return false;
  return analysis.noise > MORE * wander.buzz + sweep.resolution;
}

function uneven(swept: Swept): CauseFound | null {
  if (!wanders(swept)) return null;
  const { off } = swept.wander;
  return {
    id: 'bar',
    what: ['The needle wanders: up to ', length(off, FINE), ' off a straight line, in no one arc'],
    costs: ON_DIAMETER * off,
    todo: todo(swept, 0),
    check: CHECK,
  };
}

type Facts = Pick<Swept, 'analysis' | 'wander' | 'sweep' | 'task' | 'length' | 'straightest'>;

/** Where on a worn bar this part is best made; null where it is not worn, or no place is better than another. */
export function bestStretch(facts: Facts): Stretch | null {
  const { analysis, wander, straightest } = facts;
  const bow = analysis.bow?.value ?? null;
  if (!straightest || (bow === null && !wanders(facts))) return null;
  const everywhere = bow === null ? wander.off : heightOf(facts, bow) * LEFT_OF_ARC;
  return straightest.off < BETTER * everywhere ? straightest : null;
}

function todo(swept: Swept, bow: number): Phrase {
  const { straightest, task, from, length: whole } = swept;
  const best = bestStretch(swept);
  if (best)
    return [
      'Use ',
      length(best.from, 1),
      ' to ',
      length(best.to, 1),
      ' of it: there it strays by ',
      ...fine(best.off),
      ', and what is said of the angle is of that stretch',
    ];
  if (!straightest)
    return ['Dress the bar, or use another stretch of it; a nudge of the angle only shares it out'];
  if (bow === 0)
    return [
      'No stretch of ',
      length(task.length, 1),
      ' strays by less than ',
      ...fine(straightest.off),
      ': dress the bar, or take that as it is',
    ];
  const beside = (whole - task.length) / 2;
  return [
    'It bows evenly: this part needs ',
    length(task.length, 1),
    ' of it, and any stretch of that strays by ',
    ...fine(straightest.off),
    '. The angle is that of its middle, ',
    length(from + beside, 1),
    ' to ',
    length(from + whole - beside, 1),
    ', and toward an end it is another by ',
    angle(Math.atan((8 * Math.abs(bow) * beside) / whole ** 2)),
    '. Dress the bar, or use the middle',
  ];
}
