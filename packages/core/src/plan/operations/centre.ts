import { usualPilot, type CentreHole } from '../../part/kinds/centreHole';
import type { End } from '../../taper/task';
import type { Laid } from '../piece/laid';
import { impossible } from '../piece/line';
import { kindOfHolding } from '../holdings/registry';
import { finished, finishedMouth, mouthRadius, type Piece } from '../piece/piece';
import { CENTRE_DRILLS, CENTRE_OF_FACE, MOUTH_OF_BODY, SUNK_OVER } from '../piece/usual';
import { length } from '../../figure/figure';
import { saySpeed } from './speed';
import { figures, shown } from './card';
import { cornerMeasure } from './measures';
import { PLAIN, type KindOfOperation } from './kind';
import { isCentreHole } from '../../part/kinds/is';

/** The centre that is drawn at an end, where one is to stay. */
function drawnAt({ details }: Laid, end: End | undefined): { mouth: number; pilot: number } | null {
  const found = details.find((d) => isCentreHole(d) && d.at === end);
  if (!found) return null;
  const { pilot } = found.feature as CentreHole;
  return { mouth: 2 * found.largest, pilot: pilot ?? usualPilot(2 * found.largest) };
}

function drillAt({ outside, barRadius }: Laid, end: End | undefined): number {
  const face = 2 * ((end === 'headstock' ? outside[0] : outside.at(-1))?.smallest ?? barRadius);
  return CENTRE_DRILLS.filter((d) => d <= CENTRE_OF_FACE * face).at(-1) ?? CENTRE_DRILLS[0];
}

/**
 * Across the mouth of a hole that is sunk for a centre; null in a solid face. What the hole is still to be cut to is
 * sunk with it, or the cone is cut away again.
 */
const sunk = (piece: Piece, end: End | undefined): number | null =>
  end !== undefined && mouthRadius(piece, end) > 0 ? 2 * finishedMouth(piece, end) + SUNK_OVER : null;

export const centre: KindOfOperation = {
  ...PLAIN,
  kind: 'centre',
  name: 'Centre',
  on: 'end',
  before: ['Tailstock on the axis: prove it before drilling.'],
  rank: () => 60,
  fromTailstock: () => true,
  wrong({ piece, holding, operation: { end } }) {
    if (end === undefined) return [impossible('not-of-the-part', ['It does not say which end is centred.'])];
    if (end !== holding.toward || !kindOfHolding(holding.by).faceFree || holding.centre)
      return [impossible('wrong-end', [`Nothing can be brought up to the ${end} face in this holding.`])];
    return piece.faced.has(end)
      ? []
      : [impossible('not-faced', ['A centre hole in a face that is still to be cut is cut away with it.'])];
  },
  after({ piece, holding, operation: { end } }) {
    if (end === undefined) return piece;
    const stays = piece.laid.details.filter((d) => isCentreHole(d) && d.at === end).map((d) => d.id);
    return finished({ ...piece, centred: new Set([...piece.centred, end]) }, stays, holding.id);
  },
  say(laid, _section, { piece, operation: { end } }) {
    const mouth = sunk(piece, end);
    const size = drillAt(laid, end);
    const stays = drawnAt(laid, end);
    if (stays)
      return [
        `Centre the ${end ?? ''} end, to stay: pilot `,
        length(stays.pilot, 0.01),
        ', mouth ',
        length(stays.mouth, 0.01),
        ' across, ',
        ...saySpeed(laid, stays.mouth, { finishing: false }),
      ];
    return mouth !== null
      ? ['Sink the mouth 60° for the centre, ', length(mouth, 0.1), ' across']
      : [
          `Centre the ${end ?? ''} end, `,
          length(size, 0.01),
          ' drill, ',
          ...saySpeed(laid, size, { finishing: false }),
        ];
  },
  card(laid, _section, { piece, operation: { end } }) {
    const mouth = sunk(piece, end);
    const size = drillAt(laid, end);
    const stays = drawnAt(laid, end);
    if (stays)
      return figures(
        [shown('Mouth, across', stays.mouth), shown('Pilot', stays.pilot)],
        [cornerMeasure('Mouth, across', stays.mouth)],
      );
    // A centre drill goes in to about two thirds of its cone, which leaves a mouth twice its pilot.
    return mouth !== null
      ? figures([shown('Mouth, across', mouth)])
      : figures([shown('Centre drill, body', size), shown('Mouth, about', MOUTH_OF_BODY * size)]);
  },
  tools(laid, _section, { piece, operation: { end } }) {
    if (sunk(piece, end) !== null) return [['60° countersink']];
    const stays = drawnAt(laid, end);
    // Its cone goes wider than the mouth that is drawn: of a drawn one the pilot tells which drill it is.
    return stays
      ? [['Centre drill, pilot ', length(stays.pilot, 0.01)]]
      : [['Centre drill, body ', length(drillAt(laid, end), 0.01)]];
  },
  minutes: () => 2,
};
