import { dialOf } from '../../machine/dialReads';
import type { LatheAction, VirtualLathe } from '../../virtual-lathe';
import type { Bench } from './bench';

/** Held by so much more than stands out; and where the tool stands while the dials show nothing: along, and from the axis, mm. */
const GRIPPED = 40;
const ZERO = 60;
const ASIDE = 40;

/** A plain bar to be turned by both handles: the tool in, its point so far from the axis, over a place on the bed. */
export function barInChuck(
  lathe: VirtualLathe,
  bar: { readonly diameter: number; readonly out: number },
  tool: Omit<Extract<LatheAction, { do: 'tool' }>, 'do' | 'side'>,
  at: { readonly x: number; readonly z: number },
): void {
  const blank = { diameter: bar.diameter, length: bar.out + GRIPPED };
  lathe.act({ do: 'hold', by: 'three-jaw', blank, out: bar.out });
  lathe.act({ do: 'tool', side: 'outside', ...tool });
  lathe.act({ do: 'turn', handle: 'cross', by: dialOf(ASIDE - at.x, lathe.lathe.dial.reads) });
  lathe.act({ do: 'turn', handle: 'carriage', by: at.z - ZERO });
  lathe.act({ do: 'spindle', turns: 0 });
  lathe.act({ do: 'zero', of: 'cross' });
}

/** What a bench of a plain bar has not. */
export const PLAIN_BENCH: Omit<Bench, 'knobs' | 'out' | 'about' | 'begin' | 'gone' | 'judge'> = {
  raise: null,
  needleOn: ['work'],
  sense: () => 1,
  scale: null,
  cone: null,
  gauged: false,
  side: 'outside',
  couples: false,
  runs: 'carriage',
  found: () => ({}),
};
