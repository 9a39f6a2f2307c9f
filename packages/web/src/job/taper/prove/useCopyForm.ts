import { HELD } from '../../../data/names';
import { useHeld } from '../../../data/useHeld';
import { type Entry } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { plainText } from '@anello/core/figure';
import { finest, USUAL_MICROMETER } from '@anello/core/kit';
import { COPY_METHODS, copyTaper, type Copied, type CopyInput, type CopyMethod } from '@anello/core/old-part';
import { computed, type ComputedRef, type Ref } from 'vue';
import { useKit } from '../../../data/stores/kit';
import { usePreferences } from '../../../data/stores/preferences';

export interface CopyForm {
  /** Names this form's boxes. */
  readonly draftKey: string;
  readonly id: Ref<string>;
  readonly method: ComputedRef<CopyMethod>;
  readonly answer: ComputedRef<{ found: Copied | null; error: AnelloError | null }>;
  /** The input that costs most, by its label. */
  readonly weakest: ComputedRef<string>;
  key(input: CopyInput): string;
  value(input: CopyInput): Entry | undefined;
  plus(input: CopyInput): Entry | undefined;
  choices(input: CopyInput): { value: string; title: string }[];
  toolOf(input: CopyInput): string;
  /** What is wrong at an input. */
  at(input: CopyInput): string | undefined;
  /** What is wrong at none of them. */
  readonly elsewhere: ComputedRef<string>;
  set(input: CopyInput, next: Entry | undefined): void;
  setPlus(input: CopyInput, next: Entry | undefined): void;
  setTool(input: CopyInput, tool: string): void;
  clear(): void;
}

/** Plus or minus typed, where no instrument on record is used. */
export const BY_HAND = 'by hand';

/** A taper being measured one of the ways there are: what is typed, with what, and what it comes to. */
export function useCopyForm(draftKey: string, methods: readonly CopyMethod[] = COPY_METHODS): CopyForm {
  const preferences = usePreferences();
  const kit = useKit();
  const first = methods[0] ?? (COPY_METHODS[0] as CopyMethod);
  const id = useHeld<string>(HELD.copy(draftKey, 'method'), first.id);
  const given = useHeld<Record<string, Entry>>(HELD.copy(draftKey, 'given'), {});
  /** What each figure was measured with, by the name on record. */
  const tools = useHeld<Record<string, string>>(HELD.copy(draftKey, 'tools'), {});
  const byHand = useHeld<Record<string, Entry>>(HELD.copy(draftKey, 'plus'), {});
  const method = computed(() => methods.find((m) => m.id === id.value) ?? first);
  const key = (input: CopyInput): string => `${method.value.id}.${input.key}`;

  function toolOf(input: CopyInput): string {
    const usual = finest(kit.core.instruments, input.instrument, given.value[key(input)]?.value ?? 0);
    return tools.value[key(input)] ?? usual?.name ?? BY_HAND;
  }
  function uncertaintyOf(input: CopyInput): number {
    if (input.exact) return 0;
    const tool = kit.core.instruments.find((one) => one.name === toolOf(input));
    return tool?.uncertainty ?? byHand.value[key(input)]?.value ?? USUAL_MICROMETER.uncertainty;
  }
  const complete = computed(() => method.value.inputs.every((input) => given.value[key(input)]));
  const answer = computed<{ found: Copied | null; error: AnelloError | null }>(() => {
    if (!complete.value) return { found: null, error: null };
    const measured = Object.fromEntries(
      method.value.inputs.map((input) => [
        input.key,
        { value: given.value[key(input)]?.value ?? 0, uncertainty: uncertaintyOf(input) },
      ]),
    );
    try {
      return { found: copyTaper(method.value.id, measured, kit.sizes), error: null };
    } catch (error) {
      if (error instanceof AnelloError) return { found: null, error };
      throw error;
    }
  });
  const said = computed(() =>
    answer.value.error ? plainText(answer.value.error.phrase, preferences.units) : '',
  );

  return {
    draftKey,
    id,
    method,
    answer,
    weakest: computed(
      () => method.value.inputs.find((i) => i.key === answer.value.found?.taper.weakest)?.label ?? '',
    ),
    key,
    value: (input) => given.value[key(input)],
    plus: (input) => byHand.value[key(input)],
    choices: (input) => [
      ...kit.core.instruments
        .filter((one) => one.type === input.instrument || input.instrument !== 'indicator')
        .map((one) => ({ value: one.name, title: one.name })),
      { value: BY_HAND, title: 'another, ± typed' },
    ],
    toolOf,
    at: (input) => (answer.value.error?.field === input.key ? said.value : undefined),
    elsewhere: computed(() =>
      method.value.inputs.some((i) => i.key === answer.value.error?.field) ? '' : said.value,
    ),
    set(input, next) {
      const { [key(input)]: _old, ...rest } = given.value;
      given.value = next ? { ...rest, [key(input)]: next } : rest;
    },
    setPlus(input, next) {
      if (next) byHand.value = { ...byHand.value, [key(input)]: next };
    },
    setTool: (input, tool) => void (tools.value = { ...tools.value, [key(input)]: tool }),
    clear: () => void (given.value = {}),
  };
}
