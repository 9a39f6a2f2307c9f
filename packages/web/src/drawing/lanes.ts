export interface Extent {
  readonly from: number;
  readonly to: number;
}

/** Gives each extent the first lane in which it touches nothing; in order, so the first gets the nearest lane. */
export function assignLanes(extents: readonly Extent[], gap = 6): number[] {
  const lanes: Extent[][] = [];
  return extents.map((extent) => {
    const free = lanes.findIndex((lane) =>
      lane.every((other) => extent.to + gap <= other.from || other.to + gap <= extent.from),
    );
    const lane = free === -1 ? lanes.length : free;
    (lanes[lane] ??= []).push(extent);
    return lane;
  });
}
