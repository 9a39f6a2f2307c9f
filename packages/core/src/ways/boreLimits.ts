import { count, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { barLacks, fitBars, STICK_OUT, type BarFit } from './boringBar';
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
  const lacks = fit && barLacks(fit, context.task.smallDiameter);
  return lacks ? [lacks] : [];
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
