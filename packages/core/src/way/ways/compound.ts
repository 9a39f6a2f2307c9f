import { angle, length } from '../../phrase/figure';
import type { Phrase } from '../../phrase/phrase';
import { divisionError } from '../divisionError';
import { CLEARANCE, type Way, type WayContext } from '../way';

/** Below this slope length a hand can feed evenly enough for a good finish. */
const EVEN_BY_HAND = 40;
const SHOWN = 0.1;

/** What the compound's scale reads for a half angle, by where its zero lies. */
export function compoundScale(halfAngle: number, zero: 'along' | 'across'): number {
  return zero === 'along' ? halfAngle : Math.PI / 2 - halfAngle;
}

/** Travel the slide needs: the slope of the cone, with room before and after. */
export function compoundTravelNeeded(taperLength: number, halfAngle: number): number {
  return taperLength / Math.cos(halfAngle) + 2 * CLEARANCE;
}

export const compoundWay: Way = {
  id: 'compound',
  title: 'Compound slide',
  assess(context) {
    const { task, lathe } = context;
    const needed = compoundTravelNeeded(task.length, task.halfAngle);
    const slide = lathe.compound;
    return {
      id: 'compound',
      title: 'Compound slide',
      blockers: blockers(context, needed),
      settingLabel: 'Scale reads',
      setting: angle(compoundScale(task.halfAngle, slide?.zero ?? 'along')),
      needLabel: 'Slide travel',
      needed: length(needed, SHOWN),
      available: slide ? length(slide.travel, SHOWN) : null,
      divisionError: slide
        ? length(
            divisionError({ length: task.length, halfAngle: task.halfAngle, division: slide.division }),
            0.001,
          )
        : null,
      feed: slide ? 'hand' : null,
      notes: notes(context, needed),
    };
  },
};

function blockers({ lathe }: WayContext, needed: number): Phrase[] {
  if (!lathe.compound) return [[`${lathe.name} has no compound slide.`]];
  const short = needed - lathe.compound.travel;
  return short > 0 ? [['The slide is ', length(short, SHOWN), ' short of the cone.']] : [];
}

function notes({ task, lathe }: WayContext, needed: number): Phrase[] {
  const found: Phrase[] = [];
  if (needed > EVEN_BY_HAND)
    found.push(['Fed by hand over ', length(needed, SHOWN), ': the finish follows the hand.']);
  if (lathe.compound?.zero === 'across') {
    found.push([
      'Its zero lies across the bed: it reads 90° less the half angle, ',
      angle(task.halfAngle),
      '.',
    ]);
  }
  return found;
}
