import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { HALF_SQUARE, sayChamfer, type Chamfer } from '../../part/kinds/chamfer';
import type { CornerRadius } from '../../part/kinds/cornerRadius';
import { besideCorner, nearFrom, ridesOn, type Laid, type Placed } from '../piece/laid';
import { impossible, type Wrong } from '../piece/line';
import { standing } from '../piece/piece';
import { SAME } from '../piece/usual';
import { figures, shown } from './card';
import { cornerMeasure } from './measures';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';
import { isChamfer, isCornerRadius, isThread } from '../../part/kinds/is';
import { featureKind } from '../../part/kinds/registry';

/** What a part is about comes late in a holding; what that leaves a corner with comes after it. */
const AFTER_SHAPES = 135;
const AFTER_GROOVES = 86;
const AFTER_BORES = 45;

/** What must stand as drawn before there is a corner to work. */
function missing({ piece }: Moment, section: Placed): Placed[] {
  return besideCorner(piece.laid, section).filter((s) => {
    if (piece.done.has(s.id)) return false;
    // A thread's blank or bore has its corners broken before the thread is cut.
    const stands = standing(piece, s);
    return s.side === 'external' ? !isThread(s) || stands > s.largest + SAME : !isThread(s) || stands === 0;
  });
}

function wrong(moment: Moment, section: Placed): Wrong[] {
  return missing(moment, section).map((s) =>
    impossible('no-blank', [`${s.feature.name} is not to size yet: this corner is not there to be cut.`]),
  );
}

/** Its size as a drawing gives it. */
function size({ feature }: Placed): Phrase {
  if (isCornerRadius(feature)) return ['R', length((feature as CornerRadius).radius ?? 0, 0.01)];
  return sayChamfer(feature as Chamfer);
}

const verb = ({ feature }: Placed): string => (isChamfer(feature) ? 'Chamfer ' : 'Round the corner ');

function place(laid: Laid, section: Placed, toward: 'headstock' | 'tailstock'): Phrase {
  const from = nearFrom(laid, section, toward);
  const of = ` of ${ridesOn(laid, section).feature.name}`;
  return from <= SAME ? [`${of} at the face`] : [`${of}, `, length(from, 0.01), ' from the face'];
}

export const chamfer = onFeatures({
  kind: 'chamfer',
  name: 'Corner',
  short: true,
  works: [{ kind: 'chamfer' }, { kind: 'corner-radius' }],
  before: [
    'A tool ground to the corner leaves the slides as they stand.',
    'Slow, by hand, and off before it chatters.',
  ],
  rank(laid, section) {
    if (besideCorner(laid, section).some((s) => featureKind(s.kind).chief !== undefined)) return AFTER_SHAPES;
    return section.side === 'internal' ? AFTER_BORES : AFTER_GROOVES;
  },
  needed: (_laid, section) => section.corner !== undefined,
  wrong,
  say: (laid, section, { holding }) => [
    verb(section),
    ...size(section),
    ...place(laid, section, holding.toward),
  ],
  card(laid, section, { holding }) {
    const across = 2 * (section.corner?.at(-1)?.r ?? 0);
    const takes = section.z1 - section.z0;
    const { feature } = section;
    return figures(
      isChamfer(feature)
        ? [
            shown('Along the axis', takes),
            { label: 'Angle to the axis', figure: angle((feature as Chamfer).angle ?? HALF_SQUARE) },
            shown('Diameter it leaves at the face', across),
            shown('From the face', nearFrom(laid, section, holding.toward)),
          ]
        : [
            shown('Radius', (feature as CornerRadius).radius ?? 0),
            shown('From the face', nearFrom(laid, section, holding.toward)),
          ],
      isChamfer(feature) ? [cornerMeasure(`${feature.name}, along`, takes)] : [],
    );
  },
  tools: (_laid, section) => [
    [isChamfer(section) ? 'Chamfering tool' : 'Radius tool, or a file and a template'],
  ],
  minutes: () => 2,
});
