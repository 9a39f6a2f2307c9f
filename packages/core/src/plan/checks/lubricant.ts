import { lubricantFor } from '../../kit/lubricant';
import type { Material } from '../../kit/material';
import { USUAL_MATERIALS } from '../../kit/materials/usual';
import type { Check } from './kind';

/** What goes on the cut, by what is cut and what with. */
export const lubricant: Check = {
  id: 'lubricant',
  say({ kind, moment }) {
    if (!kind.cuts) return null;
    const { part } = moment.piece.laid;
    const material = part.material ?? part.kit.materials[0] ?? (USUAL_MATERIALS[0] as Material);
    return [lubricantFor(material, part.tool ?? 'hss')];
  },
};
