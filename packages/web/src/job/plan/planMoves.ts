import type { Holding } from '@anello/core/plan';

/**
 * An operation moved one place earlier or later; from the edge of its holding it goes into the one beside it. The same
 * list again where there is no place to go.
 */
export function operationMoved(holdings: readonly Holding[], id: string, by: -1 | 1): readonly Holding[] {
  const at = holdings.findIndex((h) => h.operations.some((o) => o.id === id));
  const holding = holdings[at];
  if (!holding) return holdings;
  const from = holding.operations.findIndex((o) => o.id === id);
  const operation = holding.operations[from];
  const to = from + by;
  if (!operation) return holdings;
  if (to >= 0 && to < holding.operations.length)
    return changed(holdings, at, [
      ...without(holding, id).slice(0, to),
      operation,
      ...without(holding, id).slice(to),
    ]);
  const beside = holdings[at + by];
  if (!beside) return holdings;
  const there = by < 0 ? [...beside.operations, operation] : [operation, ...beside.operations];
  return changed(changed(holdings, at, without(holding, id)), at + by, there);
}

/** A holding moved one place earlier or later. */
export function holdingMoved(holdings: readonly Holding[], id: string, by: -1 | 1): readonly Holding[] {
  const from = holdings.findIndex((h) => h.id === id);
  const holding = holdings[from];
  const to = from + by;
  if (!holding || to < 0 || to >= holdings.length) return holdings;
  const rest = holdings.filter((h) => h.id !== id);
  return [...rest.slice(0, to), holding, ...rest.slice(to)];
}

/** An operation put at a place of a holding, its own or another. */
export function operationPlaced(
  holdings: readonly Holding[],
  id: string,
  { holding: to, index }: { readonly holding: string; readonly index: number },
): readonly Holding[] {
  const from = holdings.find((h) => h.operations.some((o) => o.id === id));
  const operation = from?.operations.find((o) => o.id === id);
  if (!from || !operation || !holdings.some((h) => h.id === to)) return holdings;
  if (from.id === to && from.operations.indexOf(operation) === index) return holdings;
  return holdings.map((h) => {
    const rest = without(h, id);
    if (h.id === to) return { ...h, operations: [...rest.slice(0, index), operation, ...rest.slice(index)] };
    return h === from ? { ...h, operations: rest } : h;
  });
}

/** A holding put at a place in the order. */
export function holdingPlaced(holdings: readonly Holding[], id: string, index: number): readonly Holding[] {
  const holding = holdings.find((h) => h.id === id);
  if (!holding || holdings[index] === holding) return holdings;
  const rest = holdings.filter((h) => h.id !== id);
  return [...rest.slice(0, index), holding, ...rest.slice(index)];
}

const without = ({ operations }: Holding, id: string): Holding['operations'] =>
  operations.filter((o) => o.id !== id);

const changed = (
  holdings: readonly Holding[],
  at: number,
  operations: Holding['operations'],
): readonly Holding[] => holdings.map((h, i) => (i === at ? { ...h, operations } : h));
