import type { Phrase } from '../../figure/phrase';
import { wayAsHeld } from '../operations/taper';
import { kindOfHolding } from '../holdings/registry';
import { heldOn } from '../operations/goesOn';
import type { KindOfOperation, Moment } from '../operations/kind';
import type { Placed } from '../piece/laid';
import { carrierMarks, underCarrier } from './carrier';
import { behindShoulder } from './behindShoulder';
import { closerThanTurned } from './closerThanTurned';
import { bows, centreUp, lightNip, longBar, springs } from './holding';
import { wayOut } from './wayOut';
import { holeStart } from './holeStart';
import { jawMarks } from './jawMarks';
import type { Check } from './kind';
import { leftToGrind } from './leftToGrind';
import { lubricant } from './lubricant';
import { reversed } from './reversed';
import { carriage, gibs, lash, lightHand, setOver, swungTool, telescopic } from './slides';
import { isTaper } from '../../part/kinds/is';

/** Every check, in the order they are gone through. A new one is a file beside these and its line here. */
const CHECKS: readonly Check[] = [
  holeStart,
  reversed,
  carriage,
  swungTool,
  telescopic,
  lash,
  gibs,
  lightHand,
  setOver,
  centreUp,
  longBar,
  springs,
  bows,
  jawMarks,
  lightNip,
  behindShoulder,
  wayOut,
  closerThanTurned,
  leftToGrind,
  underCarrier,
  carrierMarks,
  lubricant,
];

/** What a good hand looks at before an operation: what the operation, its way, the holding and the material ask for. */
export function lookFirst(kind: KindOfOperation, moment: Moment, section: Placed | null): readonly Phrase[] {
  const { laid } = moment.piece;
  const way = isTaper(section) && kind.loop ? wayAsHeld(laid, section, moment.holding.by) : null;
  const first = !kind.away && moment.holding.operations[0]?.id === moment.operation.id;
  const start = { kind, moment, section, first, way };
  return [
    ...kind.before.map((one): Phrase => [one]),
    ...(first && !heldOn(moment.piece, moment.holding)
      ? kindOfHolding(moment.holding.by).lookFirst.map((one): Phrase => [one])
      : []),
    ...CHECKS.flatMap((check) => {
      const said = check.say(start);
      return said ? [said] : [];
    }),
  ];
}
