import { length } from '../../figure/figure';
import { MM_PER_INCH } from '../../figure/format';
import type { Phrase } from '../../figure/phrase';
import type { Thread } from '../../part/kinds/thread';
import { impossible, risk, type Wrong } from '../piece/line';
import { isRaw, standing } from '../piece/piece';
import { SAME } from '../piece/usual';
import { runInto } from './groove';
import { isTapped, veeOf } from './sizes';
import { holeNow } from './hole';
import { threadCard } from './threadCard';
import { threadName } from './threadName';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';
import type { Placed } from '../piece/laid';
import { isGroove } from '../../part/kinds/is';

function blankWrong(moment: Moment, section: Placed): Wrong[] {
  const { piece } = moment;
  if (section.side === 'internal')
    return holeNow(moment, section) > 0
      ? []
      : [impossible('no-hole', ['There is no bore yet to cut this thread in.'])];
  // Bar that is no round has its corners still, however narrow it is across.
  const cornered = piece.laid.part.stock.shape !== 'round' && isRaw(piece, section);
  return cornered || standing(piece, section) > section.largest + SAME
    ? [impossible('no-blank', ['Its outside is not turned to size yet: there is nothing to thread.'])]
    : [];
}

/** Pitch of a metric thread, threads to the inch of the others: as the gearbox has it. */
function saidPitch(section: Placed): Phrase {
  const { pitch } = section.feature as Thread;
  if (pitch === undefined) return [];
  return veeOf(section).form === 'metric'
    ? [', pitch ', length(pitch, 0.01)]
    : [`, ${Number((MM_PER_INCH / pitch).toFixed(2))} to the inch`];
}

/** What a thread or a taper finds where it should run out. */
export const noRunOut = ({ piece }: Moment, section: Placed): Wrong[] =>
  piece.laid.sections
    .filter((s) => isGroove(s) && !piece.done.has(s.id) && runInto(piece.laid, s).includes(section))
    .map((s) =>
      risk('runs-into-stock', [
        `${s.feature.name}, which it runs out into, is not cut yet: the tool runs into a shoulder.`,
      ]),
    );

export const thread = onFeatures({
  kind: 'thread',
  name: 'Thread',
  works: [{ kind: 'thread' }],
  before: [
    'Change wheels and direction proved with a light scratch first.',
    'A way out: groove, or the half-nuts at a mark.',
  ],
  rank: () => 90,
  needed: (_laid, section) => !isTapped(section),
  wrong: (moment, section) => [...blankWrong(moment, section), ...noRunOut(moment, section)],
  say(_laid, section) {
    return [
      `Thread ${threadName(section) ?? section.feature.name}, `,
      length(section.z1 - section.z0, 0.1),
      ' long',
      ...saidPitch(section),
    ];
  },
  setUp: () => 8,
  card: (_laid, section) => threadCard(section),
  tools: (_laid, section) => [
    [`Threading tool for ${threadName(section) ?? section.feature.name}`],
    ['Wires or a gauge for it'],
  ],
  minutes: (_laid, section) => 12 + (section.z1 - section.z0) / 4,
});
