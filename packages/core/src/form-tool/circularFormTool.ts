import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { alongRakeFace, checkFormTool } from './rakeFace';

/**
 * Radii (mm) of a circular form tool for the part's radii, corrected for rake and for the clearance its raised
 * centre gives (rad); toolRadius belongs to smallRadius. Errors: impossible, out-of-range.
 *
 * @example
 * circularFormTool({ smallRadius: 10, radii: [10, 12], toolRadius: 30, rake: 0.1, clearance: 0.15 })
 *   .toolRadii
 * // → [30, 28.0585]
 */
export function circularFormTool({
  smallRadius,
  radii,
  toolRadius,
  rake,
  clearance,
}: {
  smallRadius: number;
  radii: readonly number[];
  toolRadius: number;
  rake: number;
  clearance: number;
}): { toolRadii: number[] } {
  checkFormTool(smallRadius, radii, rake, clearance);
  const across = positive(toolRadius, 'toolRadius', 'The tool’s radius') * Math.sin(rake + clearance);
  const along = toolRadius * Math.cos(rake + clearance);
  return {
    toolRadii: radii.map((radius, index) => {
      const left = along - alongRakeFace(smallRadius, radius, rake);
      if (left <= 0)
        throw new AnelloError('impossible', `radii.${index}`, 'The tool is too small to reach this deep.');
      return Math.hypot(across, left);
    }),
  };
}
