import { length } from '../../figure/figure';
import { shaftLimits } from '../../fit/isoShaft';
import { limitsOf } from '../../part/limitsOf';
import { attempted } from '../operations/attempted';
import { groundAfter } from '../operations/groundAfter';
import { SAME, TO_LAP } from '../piece/usual';
import type { Check } from './kind';

/** Limits closer than the sixth grade, which is as close as a size is turned, bored or reamed to as a rule. */
export const closerThanTurned: Check = {
  id: 'closer-than-turned',
  say({ kind, section, moment }) {
    const { laid } = moment.piece;
    if (!section || !kind.cuts || !kind.finishes(laid, section) || groundAfter(laid, section)) return null;
    const limits = attempted(() => limitsOf(section.feature));
    const turned = attempted(() => shaftLimits({ diameter: 2 * section.largest, fit: 'h6' }));
    if (!limits || !turned || limits.by === 'general') return null;
    const width = limits.most - limits.least;
    if (width >= turned.most - turned.least - SAME) return null;
    return [
      'Its limits are ',
      length(width, 0.001),
      ' apart, closer than a size is held to on the lathe: leave about ',
      length(TO_LAP, 0.001),
      ', and lap or grind it.',
    ];
  },
};
