import { positive } from '../../basics/check';
import { length } from '../../figure/figure';
import type { Maybe } from './base';
import { atCorner, type Corner } from './corner';
import { given, type DetailBase } from './detail';
import type { DetailKind } from './kind';
import type { OutlinePoint } from './outline';

/** A corner rounded: one that stands out is rounded off, one between two walls is filled. */
export interface CornerRadius extends DetailBase {
  readonly kind: 'corner-radius';
  readonly radius?: Maybe;
}

/** As finely as an eye tells an arc from its chords. */
const STEPS = 8;

/** The arc that touches a corner's two sides, from its feature's side to its face's. */
function arc({ point, along, face }: Corner, radius: number): OutlinePoint[] {
  // Between the two sides the corner has this angle; the arc touches each as far from it as this.
  const half = Math.acos(Math.min(1, Math.max(-1, along.r * face))) / 2;
  const touch = radius / Math.tan(half);
  const [a, b] = [
    { z: point.z + touch * along.z, r: point.r + touch * along.r },
    { z: point.z, r: point.r + touch * face },
  ];
  const bisector = { z: along.z, r: along.r + face };
  const far = radius / Math.sin(half) / Math.hypot(bisector.z, bisector.r);
  const centre = { z: point.z + bisector.z * far, r: point.r + bisector.r * far };
  const from = Math.atan2(a.r - centre.r, a.z - centre.z);
  const swept = Math.atan2(b.r - centre.r, b.z - centre.z) - from;
  const turn = Math.atan2(Math.sin(swept), Math.cos(swept));
  const between = Array.from({ length: STEPS - 1 }, (_, i) => {
    const t = from + (turn * (i + 1)) / STEPS;
    return { z: centre.z + radius * Math.cos(t), r: centre.r + radius * Math.sin(t) };
  });
  return [a, ...between, b];
}

export const cornerRadius: DetailKind<CornerRadius> = {
  kind: 'corner-radius',
  name: 'Corner radius',
  sides: ['external'],
  figures: [{ key: 'radius', label: 'Radius' }],
  detail: { onFeature: true, end: 'Its corner toward', drawn: 'corner' },
  begins: {},
  lies(feature, ground) {
    const radius = positive(given(feature.radius, 'radius', 'the radius'), 'radius', 'The radius');
    return atCorner(feature, ground, 'radius', (corner) => arc(corner, radius));
  },
  summary: ({ radius }) => (radius === undefined ? [] : ['R', length(radius, 0.01)]),
};
