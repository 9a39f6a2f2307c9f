import type { Tool } from './behaviours/behaviour';

/** What earlier approaches on a lathe say of the tool before it has cut here. */
export interface Lore {
  /** Part of what is asked that its tools cut at once, and how far single approaches lie from it (standard deviation). */
  readonly gain: number;
  readonly spread: number;
  /** How far it is believed, 0 to MOST; the rest stays as open as if nothing were known. */
  readonly believed: number;
  /** Approaches that showed something. */
  readonly approaches: number;
  /** ISO time of the newest. */
  readonly latest: string;
}

/** How much likelier lore makes each tool of a behaviour than it was without; their mean over the tools is one. */
export function weighedBy(lore: Lore | undefined, tools: readonly Tool[]): (tool: Tool) => number {
  if (!lore) return () => 1;
  const fits = ({ gain }: Tool): number => Math.exp(-0.5 * ((gain - lore.gain) / lore.spread) ** 2);
  const whole = tools.reduce((sum, tool) => sum + tool.weight * fits(tool), 0);
  if (!(whole > 0)) return () => 1;
  return (tool) => 1 - lore.believed + (lore.believed * fits(tool)) / whole;
}
