import { coneByCards } from './cones/byCards';
import { coneByTrade } from './cones/byTrade';
import { HUB_BY_COMPOUND, SEAT_TO_STAND_OFF } from './cones/bored';
import type { ConeWork } from './cones/cone';
import { SHANK_BY_ATTACHMENT, SHANK_BY_SET_OVER } from './cones/shank';
import { jawsByCards, jawsByTrade, THROW, TRUEING, type Aim } from './jaws/jaws';
import type { Work } from './work';

const cone = (id: string, title: string, work: ConeWork): Work => ({
  id,
  title,
  byCards: (seed) => coneByCards(work, seed),
  byTrade: (seed) => coneByTrade(work, seed),
});
const jaws = (id: string, title: string, aim: Aim): Work => ({
  id,
  title,
  byCards: (seed) => jawsByCards(aim, seed),
  byTrade: (seed) => jawsByTrade(aim, seed),
});

/** Every sort of work the advice is proved on. A new one is a line here. */
export const WORKS: readonly Work[] = [
  cone('shank-attachment', 'Shank by attachment', SHANK_BY_ATTACHMENT),
  cone('shank-set-over', 'Shank by set-over', SHANK_BY_SET_OVER),
  cone('hub-compound', 'Hub by compound', HUB_BY_COMPOUND),
  cone('seat-stand-off', 'Seat to a stand-off', SEAT_TO_STAND_OFF),
  jaws('four-jaw', 'Trued in four jaws', TRUEING),
  jaws('eccentric-four-jaw', 'Eccentric in four jaws', THROW),
];
