import type { Laid, Placed } from '../piece/laid';
import { OPERATION_KINDS, type OperationKind } from '../piece/line';
import { bore } from './bore';
import { centre } from './centre';
import { chamfer } from './chamfer';
import { counterbore } from './counterbore';
import { crossDrill } from './crossDrill';
import { curve } from './curve';
import { drill } from './drill';
import { eccentric } from './eccentric';
import { face } from './face';
import { finish } from './finish';
import { groove } from './groove';
import { harden } from './harden';
import { inspect } from './inspect';
import { canWork, type KindOfOperation } from './kind';
import { mill } from './mill';
import { partOff } from './partOff';
import { plunge } from './plunge';
import { ream } from './ream';
import { staircase } from './staircase';
import { tap } from './tap';
import { taper } from './taper';
import { thread } from './thread';
import { turn } from './turn';

const OPERATIONS: Readonly<Record<OperationKind, KindOfOperation>> = {
  face,
  centre,
  drill,
  counterbore,
  bore,
  ream,
  tap,
  turn,
  groove,
  plunge,
  chamfer,
  thread,
  staircase,
  curve,
  taper,
  eccentric,
  finish,
  mill,
  'cross-drill': crossDrill,
  harden,
  inspect,
  'part-off': partOff,
};

/** Whether a feature is made away from the lathe, by what makes it. */
export const isAway = (section: Placed): boolean =>
  Object.values(OPERATIONS).some((kind) => kind.away && canWork(kind, section));

/** All that a proposal does to a feature; nothing where it is left as the bar came. */
export const neededKinds = (laid: Laid, section: Placed): readonly KindOfOperation[] =>
  OPERATION_KINDS.map(kindOfOperation).filter((kind) => canWork(kind, section) && kind.needed(laid, section));

/** All there is to know of a kind of operation. */
export const kindOfOperation = (kind: OperationKind): KindOfOperation => OPERATIONS[kind];
