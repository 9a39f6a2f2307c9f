import { feedAndSpeed, type Duty } from '../../cutting/feedAndSpeed';
import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { USUAL_MATERIALS, type Material } from '../../kit/material';
import type { Laid } from '../piece/laid';

/** The speed to set for a high-speed tool at a diameter, in the first material of the shop's table, said. */
export function saySpeed({ part: { lathe, kit } }: Laid, diameter: number, duty: Duty): Phrase {
  const material = kit.materials[0] ?? (USUAL_MATERIALS[0] as Material);
  const at = feedAndSpeed({ material, tool: 'hss', diameter, duty, speeds: lathe.speeds });
  return [count(at.set ?? at.rpm, at.set === null ? 10 : 1), ' a minute'];
}

const across = (radius: number): Phrase => ['⌀', length(2 * radius, 0.01)];

/** "⌀24.5 over 60": what is to be there and how far along. */
export const sayOver = (radius: number, long: number): Phrase => [
  ...across(radius),
  ' over ',
  length(long, 0.1),
];

/** Minutes to take stock off: by what the tool has to travel at a plain feed, and a handling time. */
export const cuttingMinutes = (long: number, stock: number): number =>
  HANDLING + Math.max(1, Math.ceil(stock / DEPTH)) * (long / FEED_A_MINUTE);
/** Usual depth on radius, travel a minute and time at the handles for one feature. */
const DEPTH = 1.5;
const FEED_A_MINUTE = 40;
const HANDLING = 3;
