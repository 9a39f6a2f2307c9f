import type { ShapeFacts, ShapeKind } from '../facts';
import { curveProgress } from './curve';
import { eccentricProgress } from './eccentric';
import type { ShapeProgressKind } from './kind';
import { taperProgress } from './taper';

/** Every kind of shape; a new one is a file beside these and its line here. */
const KINDS: { readonly [K in ShapeKind]: ShapeProgressKind<Extract<ShapeFacts, { kind: K }>> } = {
  taper: taperProgress,
  eccentric: eccentricProgress,
  curve: curveProgress,
};

/** How the progress of such a shape goes. */
export const progressOf = ({ kind }: ShapeFacts): ShapeProgressKind => KINDS[kind] as ShapeProgressKind;
