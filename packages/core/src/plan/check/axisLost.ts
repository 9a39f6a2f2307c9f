import { length } from '../../figure/figure';
import { sharesAxis } from '../piece/axis';
import { risk, type Holding, type Wrong } from '../piece/line';
import type { Piece } from '../piece/piece';
import { SAME, TRUE_REST, TRUE_SHARED } from '../piece/usual';
import { kindOfHolding } from '../holdings/registry';
import { heldOn } from '../operations/goesOn';
import { kindOfOperation } from '../operations/registry';

/** Clocked on the right thing, and no nearer than what shares no axis is. */
const tooRoughly = ({ trueTo }: Holding, names: string): Wrong[] =>
  trueTo && trueTo.limit > TRUE_REST + SAME
    ? [
        risk('axis-lost', [
          'It is clocked to ',
          length(trueTo.limit, 0.001),
          `, and ${names} must share its axis with what was cut before: to `,
          length(TRUE_SHARED, 0.001),
          '.',
        ]),
      ]
    : [];

/**
 * Whether features that must share an axis are parted by being held anew. Found again by clocking something cut with
 * the earlier ones, or by being held by the taper itself.
 */
export function axisLost(piece: Piece, holding: Holding): Wrong[] {
  const { laid } = piece;
  const shared = sharesAxis(laid);
  const earlier = new Set([...shared].flatMap((id) => piece.done.get(id) ?? []));
  const now = holding.operations.flatMap((o) =>
    o.features.filter((id) => shared.has(id) && !piece.done.has(id) && finishes(o.kind, id)),
  );
  if (earlier.size === 0 || now.length === 0) return [];
  if (heldOn(piece, holding) || kindOfHolding(holding.by).keepsAxis?.(piece, holding)) return [];
  const trued = holding.trueTo ? piece.done.get(holding.trueTo.feature) : undefined;
  const names = now.map((id) => laid.byId.get(id)?.feature.name).join(', ');
  if (trued !== undefined && earlier.has(trued)) return tooRoughly(holding, names);
  return [
    risk('axis-lost', [
      holding.trueTo
        ? `What is clocked here was not cut with what ${names} must share its axis with.`
        : `Nothing is clocked here, and ${names} must share its axis with what was cut before.`,
    ]),
  ];

  function finishes(kind: Parameters<typeof kindOfOperation>[0], id: string): boolean {
    const section = laid.byId.get(id);
    return section !== undefined && kindOfOperation(kind).finishes(laid, section);
  }
}
