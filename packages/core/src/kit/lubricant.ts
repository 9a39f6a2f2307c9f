import type { Material, ToolMaterial } from './material';
import { USUAL_MATERIALS } from './materials/usual';
import { materialNamed } from './materialNamed';

const DRY = 'Cut dry';
/** A carbide edge cracks where it is cooled by drops. */
const CARBIDE = 'dry, or flooded from first to last: never drops on a hot carbide edge';

/**
 * What goes on the cut: as the shop has said for its material, or what is usual for it.
 *
 * @example
 * lubricantFor(USUAL_MATERIALS[6], 'hss')
 * // → 'Cut dry.'
 */
export function lubricantFor(material: Material, tool: ToolMaterial): string {
  const said =
    (material.lubricant?.trim() || undefined) ??
    materialNamed(`${material.name}, ${material.alsoCalled}`, USUAL_MATERIALS)?.lubricant ??
    'Cutting oil';
  if (tool === 'hss' || said === DRY) return `${said}.`;
  return `${said}; with carbide ${CARBIDE}.`;
}
