import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { featureKind } from '../../part/kinds/registry';
import { acrossCorners, impossible, risk, type Holding, type Wrong } from '../piece/line';
import { outsideRadii, type Piece } from '../piece/piece';
import { behind, standsOut, underJaws } from '../piece/reach';
import { tooSmall } from './chucks';
import { acrossRefused } from '../piece/spindle';
import { CLEAR, JAWS_DEEP, leastGrip, MOST_STAND_OUT, SAME } from '../piece/usual';

/** What is wrong with jaws closing where they do. */
export function jawsWrong(piece: Piece, holding: Holding): Wrong[] {
  const { grips } = holding;
  if (!grips || grips.to - grips.from <= SAME)
    return [impossible('jaws-on-nothing', ['It does not say where the jaws close.'])];
  const { laid, spare } = piece;
  const found: Wrong[] = [];
  if (grips.from < -spare.headstock - CLEAR || grips.to > laid.length + spare.tailstock + CLEAR)
    found.push(impossible('jaws-on-nothing', ['There is no bar left where the jaws are to close.']));
  for (const section of laid.outside)
    if (
      featureKind(section.kind).inJaws === 'marked' &&
      piece.done.has(section.id) &&
      underJaws(holding, section)
    )
      found.push(
        impossible('jaws-on-finished', [
          `The jaws would close on ${section.feature.name}, which is finished.`,
        ]),
      );
  for (const flat of laid.details)
    if (featureKind(flat.kind).inJaws === 'off-centre' && piece.done.has(flat.id) && underJaws(holding, flat))
      found.push(
        risk('jaws-on-finished', [
          `The jaws would close on ${flat.feature.name}: on flats they do not centre.`,
        ]),
      );
  const held = outsideRadii(piece, grips.from, grips.to);
  const least = leastGrip(2 * held.smallest);
  if (grips.to - grips.from < least - SAME)
    found.push(
      risk('short-grip', [
        'The jaws hold ',
        length(grips.to - grips.from, 0.1),
        ' of it: ',
        length(least, 0.1),
        ' at least, or it works loose.',
        ...(isDisc(piece, least) ? [' Soft jaws bored to it, with a step behind it, and light cuts.'] : []),
      ]),
    );
  const back = behind(piece, holding);
  if (back && back.to - back.from > SAME) {
    const { largest } = outsideRadii(piece, back.from, back.to);
    if (largest > held.largest + SAME)
      found.push(
        impossible('jaws-too-wide', [
          'What lies behind the jaws is ',
          length(2 * largest, 0.1),
          ' across and they close on ',
          length(2 * held.largest, 0.1),
          ': they cannot pass it.',
        ]),
      );
  }
  found.push(...tooSmall(laid.part.lathe, holding.by, 2 * held.largest), ...tooDeep(piece, holding));
  return [...found, ...standOutWrong(piece, holding, 2 * held.smallest)];
}

/** Parted off and no thicker than jaws should hold: there is no more of it to close on. */
const isDisc = ({ laid, spare }: Piece, least: number): boolean =>
  spare.headstock + laid.length + spare.tailstock <= least + CLEAR;

/** What reaches deeper than the chuck's own face and is thicker than the spindle's bore. */
function tooDeep(piece: Piece, { grips, toward }: Holding): Wrong[] {
  if (!grips) return [];
  const { laid, spare } = piece;
  const [from, to] =
    toward === 'tailstock'
      ? [-spare.headstock, grips.to - JAWS_DEEP]
      : [grips.from + JAWS_DEEP, laid.length + spare.tailstock];
  if (to - from <= SAME) return [];
  const { largest } = outsideRadii(piece, from, to);
  const { stock, lathe } = laid.part;
  const across = largest >= laid.barRadius - SAME ? acrossCorners(stock) : 2 * largest;
  const refused = acrossRefused(lathe, across);
  return refused
    ? [
        impossible('spindle-too-small', [
          'The ',
          length(to - from, 1),
          ' behind the chuck’s face: ',
          ...refused,
          '.',
        ]),
      ]
    : [];
}

/** Of more diameters than this nobody counts: what is held is a point. */
const MANY = 100;

/** Work that stands out far and has no centre. */
export function standOutWrong(piece: Piece, holding: Holding, diameter: number): Wrong[] {
  const out = standsOut(piece, holding);
  if (out === null || holding.centre || out <= MOST_STAND_OUT * diameter + SAME) return [];
  return [
    risk('stands-out', [
      'It stands out ',
      length(out, 1),
      ...(out < MANY * diameter ? [', ', count(out / diameter, 0.1), ' of its diameters'] : []),
      ', with no centre: it chatters, bends and may climb out of the jaws.',
    ]),
  ];
}

/** Where jaws close, said. */
export const sayJaws = (what: string, piece: Piece, { grips }: Holding): Phrase =>
  grips
    ? [
        `${what} on `,
        length(2 * outsideRadii(piece, grips.from, grips.to).largest, 0.01),
        ', ',
        length(grips.to - grips.from, 1),
        ' held',
      ]
    : [what];
