import { outsideRadii } from '../piece/piece';
import type { Placed } from '../piece/laid';
import { impossible, risk, type Wrong } from '../piece/line';
import { SAME } from '../piece/usual';
import type { Moment } from './kind';

/** The outside a detail lies on, largest radius over its length. */
export const lyingOn = ({ piece }: Moment, { z0, z1 }: Placed): number => outsideRadii(piece, z0, z1).largest;

const covers = (s: Placed, { z0, z1 }: Placed): boolean => s.z0 < z1 - SAME && s.z1 > z0 + SAME;

/** What lies under a detail and is not finished: cut now, the tool of the lathe would meet an interrupted cut or a hole. */
export function notReady({ piece }: Moment, section: Placed): Wrong[] {
  const under = piece.laid.sections.filter((s) => covers(s, section) && !piece.done.has(s.id));
  const outside = under.find((s) => s.side === 'external');
  const inside = under.find((s) => s.side === 'internal');
  return [
    ...(outside
      ? [
          impossible('no-blank', [
            `${outside.feature.name} is not to size yet: what is cut in it now has nothing to be measured from.`,
          ]),
        ]
      : []),
    ...(inside
      ? [
          risk('hole-spoiled', [
            `${inside.feature.name} is not finished yet: its tool would jump where this breaks into it.`,
          ]),
        ]
      : []),
  ];
}
