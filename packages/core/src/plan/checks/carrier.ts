import { length } from '../../figure/figure';
import { isProfile, isTaper } from '../../part/kinds/is';
import { kindOfHolding } from '../holdings/registry';
import { nearFrom, other, type Placed } from '../piece/laid';
import { CARRIER_COVERS, SAME } from '../piece/usual';
import type { Check, Start } from './kind';

/** What of the outside a carrier lies on: at the end that faces the spindle. */
function underIt({ moment: { piece, holding } }: Start): readonly Placed[] {
  const { laid } = piece;
  const driven = other(holding.toward);
  return kindOfHolding(holding.by).byCarrier
    ? laid.outside.filter((s) => nearFrom(laid, s, driven) < CARRIER_COVERS - SAME)
    : [];
}

/** What is worked right to where the carrier drives it. */
export const underCarrier: Check = {
  id: 'under-carrier',
  say(start) {
    const { kind, section, moment } = start;
    if (!section || !kind.cuts || kind.away || !underIt(start).includes(section)) return null;
    return [
      `${section.feature.name} runs to the ${other(moment.holding.toward)} end, where the carrier covers about `,
      length(CARRIER_COVERS, 1),
      isProfile(section) || isTaper(section)
        ? ': driven by its centre, or the blank left so much longer there and cut off last.'
        : ': turned end for end for what lies under it.',
    ];
  },
};

/** A carrier's screw marks what it presses on. */
export const carrierMarks: Check = {
  id: 'carrier-marks',
  say(start) {
    const { piece } = start.moment;
    if (!start.first) return null;
    const names = underIt(start)
      .filter((s) => piece.done.has(s.id) && piece.done.get(s.id) !== 'bar')
      .map((s) => s.feature.name);
    return names.length > 0
      ? [
          `Brass under the carrier’s screw: ${names.join(' and ')} ${names.length > 1 ? 'are' : 'is'} finished there.`,
        ]
      : null;
  },
};
