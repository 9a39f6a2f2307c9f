/** A form tool as it is ground. */
export interface GroundForm {
  readonly halfWidth: number;
  /** How far back the edge stands from its foremost point, at a distance along the axis from the middle. */
  backAt(off: number): number;
}

/**
 * The edge between the places of its drawing in straight lines, its depth so many parts of what is drawn: with rake, or set
 * off the radius, a form is cut shallower than it is ground.
 */
export function groundForm(
  drawn: readonly { readonly z: number; readonly back: number }[],
  depth: number,
): GroundForm {
  const places = [...drawn].sort((a, b) => a.z - b.z);
  const halfWidth = Math.max(...places.map(({ z }) => Math.abs(z)));
  return {
    halfWidth,
    backAt(off) {
      const i = places.findIndex(({ z }) => z >= off);
      const [a, b] = [places[Math.max(0, i - 1)], places[Math.max(0, i)]];
      if (!a || !b) return Infinity;
      const part = b.z > a.z ? (off - a.z) / (b.z - a.z) : 0;
      return depth * (a.back + (b.back - a.back) * part);
    },
  };
}
