import { length } from '../../figure/figure';
import { featureKind } from '../../part/kinds/registry';
import { isPlunged } from '../piece/ways';
import { farFrom, nearFrom, type Laid, type Placed } from '../piece/laid';
import { risk, type Wrong } from '../piece/line';
import { standing } from '../piece/piece';
import { diameterMeasure, lengthMeasure } from './measures';
import { sayOver, saySpeed } from './speed';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';

/** The threads and tapers that run out into a groove. */
export const runInto = ({ sections }: Laid, groove: Placed): Placed[] =>
  sections.filter(
    (s) =>
      s.side === groove.side &&
      featureKind(s.kind).runsOut === true &&
      (Math.abs(s.z1 - groove.z0) < TOUCHES || Math.abs(s.z0 - groove.z1) < TOUCHES),
  );
const TOUCHES = 0.01;

/** What came before its groove and had nothing to run out into. */
export const tooLate = ({ piece }: Moment, section: Placed): Wrong[] =>
  runInto(piece.laid, section)
    .filter((s) => piece.done.has(s.id))
    .map((s) =>
      risk('runs-into-stock', [
        `${s.feature.name} runs out into this groove and is cut already: its tool ran into a shoulder, and grooving now bruises it.`,
      ]),
    );

export const groove = onFeatures({
  kind: 'groove',
  name: 'Groove',
  works: [{ kind: 'groove' }],
  before: ['Tool square to the axis.', 'Lash out, carriage locked.'],
  rank: () => 80,
  needed: (laid, section) => !isPlunged(laid, section),
  wrong: tooLate,
  say: (laid, section, { holding }) => [
    'Groove ',
    ...sayOver(section.smallest, section.z1 - section.z0),
    ', ',
    length(nearFrom(laid, section, holding.toward), 0.01),
    ' from the face, ',
    ...saySpeed(laid, 2 * section.largest, { finishing: false, form: true }),
  ],
  card(laid, section, { piece, holding }) {
    const width = section.z1 - section.z0;
    return {
      kind: 'place',
      near: nearFrom(laid, section, holding.toward),
      far: farFrom(laid, section, holding.toward),
      from: 2 * standing(piece, section),
      bottom: 2 * section.smallest,
      through: false,
      measures: [
        diameterMeasure(section),
        lengthMeasure(`${section.feature.name}, width`, width),
        lengthMeasure(`${section.feature.name}, from the face`, nearFrom(laid, section, holding.toward)),
      ],
    };
  },
  tools: (_laid, section) => [['Grooving tool, no wider than ', length(section.z1 - section.z0, 0.01)]],
  minutes: (_laid, section) => 4 + (section.z1 - section.z0) / 3,
});
