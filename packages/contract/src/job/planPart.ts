import type { Kit } from '@anello/core/kit';
import type { Lathe } from '@anello/core/machine';
import { layoutPart } from '@anello/core/part';
import { usualStock, type PlanPart, type Stock } from '@anello/core/plan';
import { coreFeatures } from './feature/toCore';
import { materialOfJob } from './material';
import type { StockDocument } from './plan';
import type { JobDocument } from './schema';

const coreStock = ({ shape, across, length, bore }: StockDocument): Stock => ({
  shape,
  across: across.value,
  length: length.value,
  ...(bore ? { bore: bore.value } : {}),
});

/** The bar of a job: as said, or the usual one for its part. Errors: underdetermined while there is no outside. */
export const stockOfJob = ({ stock, features }: Pick<JobDocument, 'stock' | 'features'>): Stock =>
  stock ? coreStock(stock) : usualStock(layoutPart(coreFeatures(features)));

/** A job as its line of work is worked out from. Errors: as stockOfJob. */
export function planPartOf(document: JobDocument, lathe: Lathe, kit: Kit): PlanPart {
  const taper = document.features.find((f) => f.kind === 'taper');
  const curve = document.curve?.way;
  const eccentric = document.eccentric?.way;
  const named = (kinds: readonly string[], way: string): (readonly [string, string])[] =>
    document.features.filter((f) => kinds.includes(f.kind)).map((f) => [f.id, way] as const);
  const ways = [
    ...(taper && document.way ? [[taper.id, document.way.id] as const] : []),
    ...(curve ? named(['profile', 'groove'], curve) : []),
    ...(eccentric ? named(['eccentric'], eccentric) : []),
  ];
  return {
    features: coreFeatures(document.features),
    stock: stockOfJob(document),
    quantity: document.quantity,
    lathe,
    kit,
    ways: Object.fromEntries(ways),
    material: materialOfJob(document, kit.materials) ?? undefined,
    tool: document.cut.tool,
    cut: { roughDepth: document.cut.roughDepth.value, allowance: document.cut.allowance.value },
  };
}
