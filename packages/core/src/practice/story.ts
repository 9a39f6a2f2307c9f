import type { LatheAction, VirtualLathe } from '../virtual-lathe';

/** What the time of a run went into. */
export const SPENT_ON = ['setting', 'cutting', 'reading', 'moving'] as const;
export type SpentOn = (typeof SPENT_ON)[number];

export interface RunStory {
  /** Seconds of each. */
  readonly spent: Readonly<Record<SpentOn, number>>;
  /** Runs of a handle one way that took metal off. */
  readonly passes: number;
  /** How often something was read or tried. */
  readonly readings: number;
  /** After so many of the things done the piece could not be made right any more; null where it always could. */
  readonly wentWrong: number | null;
}

const READ: ReadonlySet<LatheAction['do']> = new Set(['indicate', 'measure', 'try', 'height', 'sweep']);
const SET: ReadonlySet<LatheAction['do']> = new Set([
  'set',
  'nudge',
  'barrel',
  'jaw',
  'pack',
  'raise',
  'engage',
  'hold',
  'tool',
]);

/**
 * How a run went, from its list of what was done: it is done again on the same lathe, and watched. `gone` tells whether the
 * piece is past being made right. Errors: as the actions'.
 *
 * @example
 * runStory(() => makeVirtualLathe({ seed: 1, level: 0 }), [{ do: 'wait', seconds: 60 }], () => false).spent.moving
 * // → 60
 */
export function runStory(
  begin: () => VirtualLathe,
  actions: readonly LatheAction[],
  gone: (lathe: VirtualLathe) => boolean,
): RunStory {
  const lathe = begin();
  const spent = { setting: 0, cutting: 0, reading: 0, moving: 0 };
  let [passes, readings] = [0, 0];
  let wentWrong: number | null = null;
  let pass = '';
  for (const [i, action] of actions.entries()) {
    const from = lathe.seconds;
    const { chips } = lathe.act(action);
    const cuts = chips?.seen === 'cutting';
    spent[spentOn(action, cuts)] += lathe.seconds - from;
    if (READ.has(action.do)) readings++;
    const now = cuts ? runOf(action) : '';
    if (now !== '' && now !== pass) passes++;
    // Metal goes only in a pass: at its end it is looked at whether that was too much.
    const next = actions[i + 1];
    const ends = now !== '' && (!next || runOf(next) !== now);
    if (wentWrong === null && ends && gone(lathe)) wentWrong = i + 1;
    pass = now;
  }
  return { spent, passes, readings, wentWrong };
}

function spentOn(action: LatheAction, cuts: boolean): SpentOn {
  if (cuts) return 'cutting';
  if (READ.has(action.do)) return 'reading';
  return SET.has(action.do) ? 'setting' : 'moving';
}

/** One handle turned one way, however many times. */
const runOf = (action: LatheAction): string =>
  action.do === 'turn'
    ? `${action.handle} ${Math.sign(action.by)}`
    : action.do === 'turn-to'
      ? action.handle
      : action.do;
