import type { Feature } from '../part/kinds/registry';
import type { Eccentric } from '../part/kinds/eccentric';
import type { Section } from '../part/section';
import type { RoundMass } from './balance';
import { throwOf } from '../part/throwOf';
import { isEccentric } from '../part/kinds/is';

/** Every section of a part as a disc or a hole on its own axis, for weighing it: cones and curves by their volume. */
export function massesOf(features: readonly Feature[], sections: readonly Section[]): RoundMass[] {
  return sections.flatMap((section): RoundMass[] => {
    const length = section.z1 - section.z0;
    if (section.ghost || length <= 0) return [];
    const feature = features.find((f) => f.id === section.id);
    const axis = isEccentric(feature) ? axisOf(feature) : { x: 0, y: 0 };
    return [{ axis, diameter: meanDiameter(section), length, hole: section.side === 'internal' }];
  });
}

export function axisOf(feature: Eccentric): { x: number; y: number } {
  const e = throwOf(feature);
  const phase = feature.phase ?? 0;
  return { x: e * Math.cos(phase), y: e * Math.sin(phase) };
}

/** Diameter of the plain cylinder of the same length and volume: frustum by frustum, π h (a² + ab + b²) / 3. */
function meanDiameter({ points, z0, z1 }: Section): number {
  const squares = points.slice(1).reduce((sum, b, i) => {
    const a = points[i] ?? b;
    return sum + ((b.z - a.z) * (a.r * a.r + a.r * b.r + b.r * b.r)) / 3;
  }, 0);
  return 2 * Math.sqrt(Math.max(0, squares) / (z1 - z0));
}
