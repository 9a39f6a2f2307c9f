import { positive } from '../basics/check';
import { count } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { ChatterSetup } from './setup';
import type { Candidate } from './sources/kind';
import { SOURCES } from './sources/registry';
import { PLATE } from './usual';

/** What a pitch says of the cut. */
export interface Heard {
  readonly hz: number;
  /** Waves that it leaves in a turn. */
  readonly waves: number;
  /** Everything here that would sound so, the likeliest first. */
  readonly fits: readonly Candidate[];
  readonly said: Phrase;
  /** The one look that tells the likeliest from the next. */
  readonly check: Phrase;
}

/** A line's own width, where a pitch was told by eye. */
const BY_EYE = 0.03;

/**
 * What could make a pitch here: each thing that turns, strikes or swings at it. What swings at a pitch of its own is known
 * only within the stiffness of a holder, so several may fit; then it is said what tells them apart, and where nothing fits
 * that is said. Errors: out-of-range; not-finite.
 *
 * @example
 * hearPitch({ hz: 1400 }, { turns: 420, jaws: 3, bar: { diameter: 16, length: 80, stuff: 'steel' } }).fits[0].id
 * // → 'bar'
 */
export function hearPitch(line: { readonly hz: number; readonly u?: number }, setup: ChatterSetup): Heard {
  const hz = positive(line.hz, 'hz', 'The pitch');
  const u = line.u ?? BY_EYE * hz;
  positive(setup.turns, 'turns', 'The turns a minute');
  const fits = SOURCES.flatMap((source) => source(setup))
    .filter(({ from, to }) => hz >= from - 2 * u && hz <= to + 2 * u)
    .sort((a, b) => off(a, hz) - off(b, hz));
  const waves = (60 * hz) / setup.turns;
  return { hz, waves, fits, said: says(fits), check: tells(fits, waves) };
}

/** How far from its middle, in parts of its own width: what is known narrowly and fits goes first. */
function off({ from, to, driven }: Candidate, hz: number): number {
  const middle = (from + to) / 2;
  const width = (to - from) / 2;
  return Math.abs(hz - middle) / width + (driven ? 0 : 0.5);
}

function says(fits: readonly Candidate[]): Phrase {
  const [first, second] = fits;
  if (!first)
    return [
      'Nothing that was told here sounds so. It may be the toolpost, the slides or the bench: nip the gibs that are not used, and listen again',
    ];
  if (!second) return [`${first.what}, most likely`];
  return [`${first.what}, or ${lower(second.what)}: by the pitch alone they cannot be told apart`];
}

function tells(fits: readonly Candidate[], waves: number): Phrase {
  const [first, second] = fits;
  const turned: Phrase = [
    'Turn a fifth slower: what follows the turns goes down with them, what swings by itself keeps its pitch',
  ];
  if (!first) return turned;
  if (second && !first.driven && !second.driven)
    return ['Hold a block of lead or wood against the bar, then against the work: what falls silent was it'];
  if (second || first.driven) return turned;
  // Whole waves in a turn hint at what turns; past this many they cannot be counted by the plate's speed.
  if (waves * PLATE > 0.25) return turned;
  return [
    'It leaves ',
    count(waves, 0.1),
    Math.abs(waves - Math.round(waves)) < 0.1
      ? ' waves in a turn, a whole number: turn a fifth slower and hear whether it follows'
      : ' waves in a turn, no whole number: nothing that turns with the spindle does that',
  ];
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
