import { length } from '../../figure/figure';
import type { Lathe } from '../../machine/lathe';
import { impossible, type HoldingBy, type Wrong } from '../piece/line';
import { SAME } from '../piece/usual';

/** Whether a lathe has a chuck of a kind for a diameter; one whose chucks nobody wrote down has jaws, and no collets. */
export function hasChuck({ chucks }: Lathe, kind: HoldingBy, diameter: number): boolean {
  if (!chucks || chucks.length === 0) return kind !== 'collet';
  return chucks.some((c) => c.kind === kind && (c.capacity ?? Infinity) >= diameter - SAME);
}

/** A chuck that does not open so far; nothing where nobody wrote down one of its kind. */
export function tooSmall({ chucks = [], name }: Lathe, by: HoldingBy, diameter: number): Wrong[] {
  const opens = chucks.filter((c) => c.kind === by).map((c) => c.capacity ?? Infinity);
  const widest = Math.max(...opens);
  return opens.length === 0 || widest >= diameter - SAME
    ? []
    : [
        impossible('chuck-too-small', [
          `The ${by} of the ${name} takes `,
          length(widest, 0.1),
          ', and this is ',
          length(diameter, 0.1),
          '.',
        ]),
      ];
}
