import type { Entry } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { SIZE_METHODS, standOffBy, type SizeId, type SizeMethod } from '@anello/core/gauging';
import { computed, type ComputedRef } from 'vue';
import { NOTHING_TRIED, tried } from '../../model/tried';
import { usePreferences } from '../../../data/stores/preferences';
import { useJobModel } from '../../model/useJobModel';
import { useWork } from '../../model/useWork';

export interface SizingDesk {
  readonly methods: ComputedRef<readonly SizeMethod[]>;
  readonly method: ComputedRef<SizeMethod>;
  /** How far off its line it may stand: the gauge's own band, or the drawing's, mm. */
  readonly allowed: ComputedRef<number>;
  given(key: string): Entry | undefined;
  errorAt(key: string): string | undefined;
  pick(id: SizeId): void;
  set(key: string, next: Entry | undefined): void;
  /** What a reading comes to, along the axis to the line. Errors: the method's, at its field. */
  standOff(seen: number): number;
}

const STAND_OFF = SIZE_METHODS[0] as SizeMethod;

/** The way size is found on this job, kept with the job. */
export function useSizing(): SizingDesk {
  const { work, edit } = useWork('taper');
  const model = useJobModel();
  const preferences = usePreferences();
  const task = computed(() => model.taper.value?.task ?? null);
  const methods = computed(() =>
    SIZE_METHODS.filter((m) => m.members.includes(task.value?.member ?? 'external')),
  );
  const method = computed(() => methods.value.find((m) => m.id === work.value.sizing?.by) ?? STAND_OFF);
  const entryAt = (key: string): Entry | undefined => work.value.sizing?.given[`${method.value.id}.${key}`];
  const values = computed(() =>
    Object.fromEntries(
      method.value.given.flatMap(({ key }) => (entryAt(key) ? [[key, entryAt(key)?.value ?? 0]] : [])),
    ),
  );
  const complete = computed(() => method.value.given.every(({ key }) => entryAt(key)));

  function standOff(seen: number): number {
    if (!task.value) throw new AnelloError('underdetermined', 'seen', 'There is no taper to size.');
    return standOffBy(method.value, seen, values.value, task.value);
  }
  /** A figure that makes no sense is said at its box before anything is read. */
  const problem = computed(() => {
    const { value: cone } = task;
    return complete.value && cone
      ? tried(() => method.value.check(values.value, cone), preferences.units)
      : NOTHING_TRIED;
  });

  return {
    methods,
    method,
    allowed: computed(() => {
      const usual = work.value.tolerance.standOff.value;
      return complete.value && problem.value.field === null
        ? (method.value.band?.(values.value) ?? usual)
        : usual;
    }),
    given: entryAt,
    errorAt: (key) => (problem.value.field === key ? problem.value.said : undefined),
    pick: (id) => edit((draft) => void (draft.sizing = { given: draft.sizing?.given ?? {}, by: id })),
    set: (key, next) =>
      edit((draft) => {
        const name = `${method.value.id}.${key}`;
        const { [name]: _old, ...rest } = draft.sizing?.given ?? {};
        draft.sizing = { by: method.value.id, given: next ? { ...rest, [name]: next } : rest };
      }),
    standOff,
  };
}
