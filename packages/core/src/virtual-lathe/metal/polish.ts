import type { LatheState } from '../lathe';

/** Fine cloth takes this off on radius in one go there and back, mm: some tenths of a thousandth to one. */
const TAKES = 0.0006;
const UNEVEN = 0.35;

/** Cloth takes a little everywhere alike, whatever the slides are set to; how much differs from go to go. */
export function polish(state: LatheState, from: number, to: number): void {
  const { piece, turning, tool } = state;
  if (!piece || !turning) return;
  const takes = TAKES * Math.max(0.2, 1 + UNEVEN * state.normal());
  const own = turning[tool.side];
  const [a, b] = [state.index(Math.min(from, to)), state.index(Math.max(from, to))];
  const outward = tool.side === 'inside' ? 1 : -1;
  for (let i = a; i <= b; i++) {
    const now = own.r[i] as number;
    if (Number.isFinite(now) && now > 0) own.r[i] = now + outward * takes;
  }
}
