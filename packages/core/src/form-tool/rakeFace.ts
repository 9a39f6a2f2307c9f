import { AnelloError } from '../basics/error';
import { finite, positive } from '../basics/check';

/** How far along the rake face (mm) the edge for a radius lies from the edge at the small radius. */
export function alongRakeFace(smallRadius: number, radius: number, rake: number): number {
  const below = smallRadius * Math.sin(rake);
  return Math.sqrt(radius * radius - below * below) - smallRadius * Math.cos(rake);
}

/** Checks what both kinds of form tool share. */
export function checkFormTool(
  smallRadius: number,
  radii: readonly number[],
  rake: number,
  clearance: number,
): void {
  positive(smallRadius, 'smallRadius', 'The small radius');
  if (Math.abs(finite(rake, 'rake')) >= Math.PI / 4)
    throw new AnelloError('out-of-range', 'rake', 'The rake must stay under 45°.');
  if (finite(clearance, 'clearance') < 0 || clearance >= Math.PI / 4) {
    throw new AnelloError('out-of-range', 'clearance', 'The clearance lies between 0 and 45°.');
  }
  radii.forEach((radius, index) => {
    if (positive(radius, `radii.${index}`, 'A radius') < smallRadius) {
      throw new AnelloError(
        'impossible',
        `radii.${index}`,
        'No radius of the profile may be smaller than the small radius.',
      );
    }
  });
}
