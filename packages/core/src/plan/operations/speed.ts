import { feedAndSpeed, type Duty } from '../../cutting/feedAndSpeed';
import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Material } from '../../kit/material';
import { USUAL_MATERIALS } from '../../kit/materials/usual';
import type { Laid } from '../piece/laid';
import { CUT_DEPTH, HANDLING, TRAVEL_A_MINUTE } from '../piece/usual';

/** The speed to set at a diameter, for the part's material and the tools it is cut with, said. */
export function saySpeed({ part }: Laid, diameter: number, duty: Duty): Phrase {
  const { lathe, kit, tool = 'hss' } = part;
  const material = part.material ?? kit.materials[0] ?? (USUAL_MATERIALS[0] as Material);
  const at = feedAndSpeed({ material, tool, diameter, duty, speeds: lathe.speeds });
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
  HANDLING + Math.max(1, Math.ceil(stock / CUT_DEPTH)) * (long / TRAVEL_A_MINUTE);
