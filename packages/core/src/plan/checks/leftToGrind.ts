import { length } from '../../figure/figure';
import { isTaper } from '../../part/kinds/is';
import type { Taper } from '../../part/kinds/taper';
import { solveTaperFeature } from '../../part/solveTaperFeature';
import { attempted } from '../operations/attempted';
import { ream } from '../operations/ream';
import { taper } from '../operations/taper';
import { toGrind } from '../operations/groundAfter';
import type { Check } from './kind';

/** What is to fit when the piece is hard, and is not turned to a figure that leaves stock on: a taper by its gauge, a reamed hole. */
export const leftToGrind: Check = {
  id: 'left-to-grind',
  say({ kind, section, moment }) {
    const { laid } = moment.piece;
    if (laid.part.harden === undefined || !section) return null;
    if (kind === ream)
      return ['It is hardened after: a reamed hole moves in the fire, and is honed or lapped to size.'];
    if (kind !== taper || !isTaper(section)) return null;
    const feature = section.feature as Taper;
    const solved = attempted(() => solveTaperFeature(feature));
    if (!solved) return null;
    const left = toGrind(solved.largeDiameter);
    return [
      'It is hardened after: leave about ',
      length(left, 0.01),
      ' on diameter to be ground, so that its gauge stands about ',
      length(left / solved.ratio, 0.1),
      ' off.',
    ];
  },
};
