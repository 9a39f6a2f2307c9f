import { angle } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { TaperFacts } from '../facts';
import { ofKind } from '../records/row';
import { settingInForce } from '../settingInForce';
import type { Stage } from '../stage';
import type { ShapeAt, ShapeProgressKind } from './kind';

/** A cone: a way chosen, its setting kept, cut and tried. */
export const taperProgress: ShapeProgressKind<TaperFacts> = {
  done({ facts, records, piece, closed }) {
    const tried = ofKind(records, 'stand-off', piece).length + ofKind(records, 'contact', piece).length > 0;
    const cut = ofKind(records, 'pass', piece).length > 0;
    return {
      way: facts.way !== null || closed,
      set: settingInForce(records, piece) !== undefined || closed,
      cut: (cut && tried) || closed,
    };
  },
  stale: staleSetting,
  next: {},
};

/** A choice or a setting made for other figures than the part has now. */
function staleSetting({ facts, records, piece }: ShapeAt<TaperFacts>): Partial<Record<Stage, Phrase>> {
  const found: Partial<Record<Stage, Phrase>> = {};
  const { way, halfAngle } = facts;
  if (!way || halfAngle === null) return found;
  if (way.machineId !== facts.machineId) found.way = ['chosen for another lathe'];
  else if (differs(way.halfAngle, facts)) found.way = ['the half angle was ', angle(way.halfAngle), ' then'];
  const setting = settingInForce(records, piece);
  if (!setting) return found;
  if (setting.body.way !== way.id) found.set = ['set for another way'];
  else if (setting.body.machineId !== facts.machineId) found.set = ['set on another lathe'];
  else if (differs(setting.body.halfAngle, facts)) found.set = ['set for ', angle(setting.body.halfAngle)];
  return found;
}

const differs = (then: number, { halfAngle, band }: TaperFacts): boolean =>
  halfAngle !== null && Math.abs(then - halfAngle) > band;
