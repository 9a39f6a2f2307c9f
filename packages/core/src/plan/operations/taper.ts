import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { DEVICE_NAMES } from '../../machine/lathe';
import { wayOf } from '../../ways/taper/registry';
import { kindOfHolding } from '../holdings/registry';
import type { Laid, Placed } from '../piece/laid';
import { impossible, risk, type Holding, type HoldingBy, type Wrong } from '../piece/line';
import { plannedTaper } from '../piece/ways';
import { holeNow } from './hole';
import { stillWantsStaircase } from './staircase';
import { noRunOut } from './thread';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';
import { isTaper } from '../../part/kinds/is';

/** The way a taper is made as it is held, where one can make it. */
export function wayAsHeld(laid: Laid, section: Placed, by: HoldingBy): ReturnType<typeof wayOf> | null {
  const planned = plannedTaper(laid, section);
  const id = kindOfHolding(by).onCentres ? planned.way : planned.offCentres;
  return id === null ? null : wayOf(id);
}

/** Whether a taper is cut by setting the tailstock over, which takes work held on centres. */
const setsOver = (laid: Laid, section: Placed, by: HoldingBy): boolean =>
  wayAsHeld(laid, section, by)?.betweenCentres ?? false;

/** Whether it can be cut as it is held: a set-over tilts only what is on centres, and some way must reach. */
export function cutAsHeld(laid: Laid, section: Placed, by: HoldingBy): 'well' | 'somehow' | 'not' {
  if (!isTaper(section)) return 'well';
  const as = wayAsHeld(laid, section, by);
  if (as?.betweenCentres && !kindOfHolding(by).onCentres) return 'not';
  return as === null && plannedTaper(laid, section).way !== null ? 'somehow' : 'well';
}

/** Whether it is cut by a reamer from the tailstock. */
const reamed = (laid: Laid, section: Placed, by: HoldingBy): boolean =>
  wayAsHeld(laid, section, by)?.feeds === 'reamer';

function wrong(moment: Moment, section: Placed): Wrong[] {
  const { laid } = moment.piece;
  const found: Wrong[] = [];
  const { by } = moment.holding;
  const planned = wayAsHeld(laid, section, by);
  if (!planned)
    found.push(
      risk('no-way', [
        `Nothing on the ${laid.part.lathe.name} makes ${section.feature.name} as it is drawn.`,
      ]),
    );
  if (setsOver(laid, section, by) && !kindOfHolding(by).onCentres)
    found.push(
      impossible('needs-centres', ['A tailstock set over tilts only what is held between centres.']),
    );
  if (section.side === 'internal' && holeNow(moment, section) === 0)
    found.push(impossible('no-hole', ['There is no hole yet to cut this taper in.']));
  if (stillWantsStaircase(moment.piece, section))
    found.push(
      risk('no-staircase', [
        'Much of the bar still stands there: shoulders first, while the plain feeds are there to cut them.',
      ]),
    );
  return [...found, ...noRunOut(moment, section)];
}

/** Places among the others of a holding: reamed with the holes; then what leaves the slides alone; the set-over last. */
const AMONG_THE_HOLES = 55;
const LAST = 122;
const SWUNG = 121;

/** What becomes of a setting that need not be undone: it stays for what is alike, and is made anew for what is not. */
function setNext(laid: Laid, section: Placed, { by, operations }: Holding): Phrase {
  const tapers = operations
    .filter(({ kind }) => kind === taper.kind)
    .flatMap(({ features }) => features.flatMap((id) => laid.byId.get(id) ?? []));
  const as = wayAsHeld(laid, section, by);
  const stays = as?.order.stays;
  if (!as?.device || !stays) return [];
  const next = tapers
    .slice(tapers.indexOf(section) + 1)
    .find((one) => wayAsHeld(laid, one, by)?.device === as.device);
  if (!next || isAlike(laid, section, next)) return [`; ${lower(stays)}`];
  return [`; the ${DEVICE_NAMES[as.device]} is set anew for ${next.feature.name}`];
}

const ALIKE = 1e-9;
const isAlike = (laid: Laid, a: Placed, b: Placed): boolean => {
  const [one, other] = [plannedTaper(laid, a).task, plannedTaper(laid, b).task];
  return one.largeEnd === other.largeEnd && Math.abs(one.halfAngle - other.halfAngle) < ALIKE;
};

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

export const taper = onFeatures({
  kind: 'taper',
  name: 'Taper',
  loop: true,
  works: [{ kind: 'taper' }],
  before: ['Tool exactly on the centre’s height.', 'Proved before metal.'],
  rank(laid, section, by) {
    if (reamed(laid, section, by)) return AMONG_THE_HOLES;
    if (setsOver(laid, section, by)) return LAST;
    return wayAsHeld(laid, section, by)?.device === 'compound' ? SWUNG : SWUNG - 1;
  },
  fromTailstock: reamed,
  needed: () => true,
  leaves: wayAsHeld,
  wrong,
  say(laid, section, { holding }) {
    const { by } = holding;
    const { solved } = plannedTaper(laid, section);
    const as = wayAsHeld(laid, section, by);
    return [
      `Cut ${section.feature.name}, `,
      angle(solved.halfAngle),
      ' a side, ⌀',
      length(solved.largeDiameter, 0.01),
      ' to ',
      length(solved.smallDiameter, 0.01),
      ' over ',
      length(solved.length, 0.1),
      ...(as ? [`, by ${as.name}`] : []),
      ...(as?.order.home ? [`; then ${lower(as.order.home)}`, ...setNext(laid, section, holding)] : []),
    ];
  },
  card: () => ({ kind: 'shape' }),
  tools(laid, section, { holding: { by } }) {
    const as = wayAsHeld(laid, section, by);
    if (as?.feeds === 'reamer') return [[`Taper reamer for ${section.feature.name}`]];
    return [
      [section.side === 'internal' ? 'Boring tool, sharp' : 'Turning tool, sharp, small nose'],
      ['Indicator on its stand'],
      ['Its mate or gauge, and blue'],
    ];
  },
  minutes: () => TO_PROVE,
  setUp(laid, section, by) {
    const planned = wayAsHeld(laid, section, by);
    const { lathe } = laid.part;
    return planned ? (lathe.minutes?.[planned.id] ?? planned.usualMinutes) : 0;
  },
});
/** Trial cut, tries and nudges, once it is set. */
const TO_PROVE = 30;
