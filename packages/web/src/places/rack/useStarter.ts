import { entry, startedWith, STARTERS, tableSize, type Entry, type Starter } from '@anello/contract';
import type { TaperSize } from '@anello/core/taper';
import { computed, ref, type ComputedRef } from 'vue';
import { useHeld } from '../../data/useHeld';
import { useKit } from '../../data/stores/kit';

/** What was typed for one drawn part: its figures, and its tapers by their keys in the tables. */
interface Given {
  readonly figures: Readonly<Record<string, Entry | undefined>>;
  readonly tapers: Readonly<Record<string, string | null>>;
}

export interface StarterDesk {
  readonly chosen: ComputedRef<Starter | null>;
  readonly given: ComputedRef<Given>;
  /** The part as far as it is typed. */
  readonly started: ComputedRef<ReturnType<typeof startedWith> | null>;
  choose(starter: Starter | null): void;
  put(what: keyof Given, key: string, value: Entry | string | null | undefined): void;
  /** It is on the rack: the next begins with the usual figures. */
  done(): void;
}

const usual = ({ asks }: Starter): Given => ({
  figures: Object.fromEntries(
    asks.flatMap((one) => (one.kind === 'figure' ? [[one.key, entry(one.usual, one.dimension)]] : [])),
  ),
  tapers: Object.fromEntries(
    asks.flatMap((one) => (one.kind === 'table-size' ? [[one.key, one.usual]] : [])),
  ),
});
const NOTHING: Given = { figures: {}, tapers: {} };

/** Which one was picked, and what was typed for each. */
interface Begun {
  readonly starter: string | null;
  readonly given: Readonly<Record<string, Given>>;
}
const NOTHING_YET: Begun = { starter: null, given: {} };

/**
 * A drawn part to begin from, and what is typed of it: each keeps its own until one is made.
 * @param name by what name it outlives a reload and going elsewhere; nowhere where it is left out
 */
export function useStarter(name?: string): StarterDesk {
  const kit = useKit();
  const held = name === undefined ? ref<Begun>(NOTHING_YET) : useHeld<Begun>(name, NOTHING_YET);
  const chosen = computed(() => STARTERS.find(({ id }) => id === held.value.starter) ?? null);
  const given = computed(() => {
    const starter = chosen.value;
    return starter ? (held.value.given[starter.id] ?? usual(starter)) : NOTHING;
  });

  function sizeOf(key: string | null): TaperSize | undefined {
    if (!key) return undefined;
    return key.startsWith('shop/') ? kit.sizes.find((one) => `shop/${one.size}` === key) : tableSize(key);
  }
  const started = computed(() => {
    if (!chosen.value) return null;
    const { figures, tapers } = given.value;
    const sizes = Object.entries(tapers).map(([key, size]) => [key, sizeOf(size)]);
    return startedWith(chosen.value, { figures, tapers: Object.fromEntries(sizes) });
  });

  return {
    chosen,
    given,
    started,
    choose: (starter) => (held.value = { ...held.value, starter: starter?.id ?? null }),
    put(what, key, value) {
      const starter = chosen.value;
      if (!starter) return;
      const now = { ...given.value, [what]: { ...given.value[what], [key]: value } };
      held.value = { ...held.value, given: { ...held.value.given, [starter.id]: now } };
    },
    done: () => (held.value = NOTHING_YET),
  };
}
