import { alongRakeFace, checkFormTool } from './rakeFace';

/**
 * Depths (mm, square to the clearance face) of a flat form tool's profile for the part's radii, corrected for
 * rake and clearance (rad); the smallRadius edge stands at centre height. Errors: impossible, out-of-range.
 *
 * @example
 * flatFormTool({ smallRadius: 10, radii: [10, 12], rake: 0.1, clearance: 0.15 }).depths
 * // → [0, 1.94592]
 */
export function flatFormTool({
  smallRadius,
  radii,
  rake,
  clearance,
}: {
  smallRadius: number;
  radii: readonly number[];
  rake: number;
  clearance: number;
}): { depths: number[] } {
  checkFormTool(smallRadius, radii, rake, clearance);
  return {
    depths: radii.map((radius) => alongRakeFace(smallRadius, radius, rake) * Math.cos(rake + clearance)),
  };
}
