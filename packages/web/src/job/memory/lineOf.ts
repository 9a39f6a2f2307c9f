import type { BeforeRow } from '@anello/contract';
import { angle, count, formatFigure, type Phrase } from '@anello/core/figure';
import type { Stage } from '@anello/core/job';

/** How the lathes and the ways are called. */
export interface Names {
  machine(id: string): string;
  way(id: string): string;
}

/** How many of something, by its name in the singular. */
export const times = (count: number, one: string, more = `${one}s`): string =>
  `${count} ${count === 1 ? one : more}`;

/** How it came out, in a few words. */
export function outcomeOf({ story }: BeforeRow): string {
  const { accepted, scrapped } = story;
  const said = [
    ...(accepted > 0 ? [`${accepted} accepted`] : []),
    ...(scrapped > 0 ? [`${scrapped} scrapped`] : []),
  ];
  return said.length > 0 ? said.join(', ') : 'not closed';
}

/** A share of what is fed, to a hundredth. */
export const shareOf = (took: number): string => formatFigure(count(took, 0.01), 'mm');

/** What a tool takes of what is fed, where passes with a try after them tell. */
const tookOf = ({ story }: BeforeRow): string | null =>
  story.took === null ? null : `of 1.00 fed ${shareOf(story.took)} came off`;

/**
 * What last time says to whoever stands at a step: which way; what proved to be right and what that took; how the cut went.
 * Null where that job kept nothing that this step asks for.
 */
export function lineOf(row: BeforeRow, stage: Stage, names: Names): Phrase | null {
  const { story } = row;
  if (stage === 'way')
    return story.way === null
      ? null
      : [`${names.way(story.way)} on the ${names.machine(row.machineId)}, ${outcomeOf(row)}`];
  if (stage === 'set') {
    const { setting } = story;
    // A throw has no angle to be set to: how often it was read until it was right.
    if (!setting)
      return story.passes === 0 && story.tries > 0
        ? [`read ${times(story.tries, 'time')} on the ${names.machine(row.machineId)}, ${outcomeOf(row)}`]
        : null;
    const nudged = setting.nudges > 0 ? `, after ${times(setting.nudges, 'nudge')}` : '';
    return [`proved at `, angle(setting.halfAngle), ` on the ${names.machine(setting.machineId)}${nudged}`];
  }
  const told = [
    ...(story.passes > 0 ? [times(story.passes, 'pass', 'passes')] : []),
    ...(story.tries > 0 ? [times(story.tries, 'try', 'tries')] : []),
    ...[tookOf(row)].filter((said) => said !== null),
  ];
  if (told.length === 0) return null;
  const [cause] = story.causes;
  return [`${told.join(', ')}; ${outcomeOf(row)}${cause ? `: ${cause}` : ''}`];
}

const AN_HOUR = 60;

/** Minutes that were really spent, as a person would say them; null where the record cannot tell. */
export const spentOf = ({ story }: BeforeRow): string | null => minutesSaid(story.minutes);

/** Minutes as a person would say them; null of less than one. */
export function minutesSaid(exact: number): string | null {
  const minutes = Math.round(exact);
  if (minutes < 1) return null;
  return minutes < AN_HOUR
    ? `${minutes} min`
    : `${Math.floor(minutes / AN_HOUR)} h ${String(minutes % AN_HOUR).padStart(2, '0')} min`;
}
