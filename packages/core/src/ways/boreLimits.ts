import { count, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { fitBars, STICK_OUT, type BarFit } from './boringBar';
import { CLEARANCE, type WayContext } from './taper/way';

/** The best bar for this bore of those owned, or null when it is no bore or no bar is on record. */
function bestBar({ task, kit }: WayContext): BarFit | null {
  if (task.member === 'external' || !kit || kit.boringBars.length === 0) return null;
  const depth = task.length + CLEARANCE;
  return fitBars(kit.boringBars, { depth, smallEnd: task.smallDiameter })[0] ?? null;
}

/** Why no bar owned reaches this bore's small end. */
export function boreBlockers(context: WayContext): Phrase[] {
  const fit = bestBar(context);
  if (!fit || fit.works) return [];
  const { task } = context;
  const { bar, smallest, ratio } = fit;
  if (smallest > task.smallDiameter) {
    return [
      [
        `The ${bar.name} clears a bore of `,
        length(smallest, 0.1),
        '; the small end is ',
        length(task.smallDiameter, 0.1),
        '.',
      ],
    ];
  }
  if (bar.reach < task.length + CLEARANCE) {
    return [[`The ${bar.name} reaches `, length(bar.reach, 0.1), ' and no further.']];
  }
  return [
    [`The ${bar.name} would stand out `, count(ratio, 0.1), ' times its diameter: it sings and springs.'],
  ];
}

/** Which bar, how far out, what it clears. */
export function boreNotes(context: WayContext): Phrase[] {
  const { task } = context;
  if (task.member === 'external') return [];
  const fit = bestBar(context);
  if (!fit) return [['No boring bar on record: check its reach and that its heel clears the small end.']];
  if (!fit.works) return [];
  const { bar, ratio, smallest } = fit;
  const quiet = STICK_OUT[bar.material].quiet;
  return [
    [
      `${bar.name}: stands out `,
      count(ratio, 0.1),
      ' times its diameter',
      ...(ratio > quiet ? ['; beyond ', count(quiet), ' take light cuts and low speed'] : []),
      '. Its heel clears ',
      length(smallest, 0.1),
      '.',
    ],
  ];
}
