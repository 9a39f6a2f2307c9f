import type { Detail } from '@anello/core/part';

/** What a detail is drawn by: the radius it leaves is the smallest of it. */
export const markOfDetail = ({ id, kind, at, z0, z1, points, outside }: Detail) => ({
  id,
  kind,
  at,
  z0,
  z1,
  r: Math.min(...points.map((p) => p.r)),
  outside,
});
