import { robustSpread, type Series } from './series';

/** Three readings of the same scatter, the middle against the mean of the others, scatter by this much more. */
const OF_THREE = Math.sqrt(1.5);

/** How far a reading is from what its neighbours lead to expect: the needle's own buzz, whatever it does along the way. */
export function localScatter({ u, y }: Series): number {
  const off = new Float64Array(Math.max(0, u.length - 2));
  for (let i = 0; i < off.length; i++) {
    const run = (u[i + 2] as number) - (u[i] as number);
    const share = run > 0 ? ((u[i + 1] as number) - (u[i] as number)) / run : 0.5;
    off[i] = (y[i + 1] as number) - (y[i] as number) - share * ((y[i + 2] as number) - (y[i] as number));
  }
  return off.length > 0 ? robustSpread(off) / OF_THREE : 0;
}
