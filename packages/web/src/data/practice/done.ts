import type { LatheAction } from '@anello/core/virtual-lathe';
import { useDebounceFn } from '@vueuse/core';
import { bench, plain } from '../db';
import { LOCAL } from '../names';
import { sayTrouble } from '../trouble';
import type { DoneStretch } from './kept';

/** A run at the practice lathe is its list of what was done: held in the browser as it goes, a stretch at a time. */
export interface HeldRun {
  /** What was done before now. */
  load(): Promise<LatheAction[]>;
  add(action: LatheAction): void;
  /** Writes what is not written yet. */
  flush(): Promise<void>;
  /** The page goes now: what is not in the store is left beside it, at once. */
  leave(): void;
  drop(): Promise<void>;
}

/** While a slide is fed many things are done each second: they are written together, ms. */
const TOGETHER = 200;
const DIGITS = 6;

const keysOf = async (run: string): Promise<string[]> =>
  ((await (await bench()).getAllKeys('practiceDone')) as string[])
    .filter((key) => key.startsWith(`${run} `))
    .sort();

/** Forgets a run. */
export async function dropRun(run: string): Promise<void> {
  const db = await bench();
  for (const key of await keysOf(run)) await db.delete('practiceDone', key);
}

export function heldRun(run: string): HeldRun {
  let waiting: LatheAction[] = [];
  let next = 0;
  /** On their way into the store. */
  const going = new Map<string, DoneStretch>();
  const stretch = (actions: readonly LatheAction[]): DoneStretch => ({
    key: `${run} ${String(next++).padStart(DIGITS, '0')}`,
    actions,
  });
  async function put(one: DoneStretch): Promise<void> {
    going.set(one.key, one);
    try {
      await (await bench()).put('practiceDone', plain(one));
    } catch (error) {
      sayTrouble(error);
    }
    going.delete(one.key);
  }
  async function flush(): Promise<void> {
    if (waiting.length === 0) return;
    const actions = waiting;
    waiting = [];
    await put(stretch(actions));
  }
  const soon = useDebounceFn(flush, TOGETHER, { maxWait: TOGETHER });
  return {
    async load() {
      for (const one of takeLeft(run)) await put(one);
      const db = await bench();
      const keys = await keysOf(run);
      next = keys.length === 0 ? 0 : Number(keys.at(-1)!.slice(-DIGITS)) + 1;
      const stretches = await Promise.all(
        keys.map((key) => db.get('practiceDone', key) as Promise<DoneStretch | undefined>),
      );
      return stretches.flatMap((one) => [...(one?.actions ?? [])]);
    },
    add(action) {
      waiting.push(action);
      void soon();
    },
    flush,
    leave() {
      const left = [...going.values(), ...(waiting.length > 0 ? [stretch(waiting)] : [])];
      waiting = [];
      if (left.length > 0) localStorage.setItem(LOCAL.practiceLeft + run, JSON.stringify(left));
    },
    async drop() {
      waiting = [];
      next = 0;
      takeLeft(run);
      await dropRun(run);
    },
  };
}

/** What was left beside the store when a page went: each goes where it would have gone. */
function takeLeft(run: string): readonly DoneStretch[] {
  const text = localStorage.getItem(LOCAL.practiceLeft + run);
  localStorage.removeItem(LOCAL.practiceLeft + run);
  try {
    return text === null ? [] : (JSON.parse(text) as DoneStretch[]);
  } catch {
    // Torn: what the store has of the run is still a run.
    return [];
  }
}
