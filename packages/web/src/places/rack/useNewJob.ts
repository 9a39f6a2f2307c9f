import { newJobDocument, type JobDocument, type JobRow, type NextNumber } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { computed, reactive, ref, type ComputedRef, type Ref } from 'vue';
import { request, ServerAway } from '../../data/api';
import { newId } from '../../data/newId';
import { useHeld } from '../../data/useHeld';
import { useShop } from '../../data/stores/shop';

export interface NewJobDesk {
  readonly form: { id: string; number: string; title: string; machineId: string; quantity: string };
  readonly busy: Ref<boolean>;
  /** What is wrong with a box, and what is wrong besides. */
  at(field: string): string;
  readonly elsewhere: ComputedRef<string>;
  /** A title for it, where none was typed: it follows what is picked. */
  offerTitle(title: string): void;
  /** The next number, and the first lathe, where none are there yet. */
  prepare(): Promise<void>;
  /** Puts it on the rack; null where it could not be. */
  add(part: Partial<JobDocument>): Promise<JobRow | null>;
}

const BOXES = ['number', 'title', 'quantity', 'machineId'];

const begun = () => ({
  form: { id: newId(), number: '', title: '', machineId: '', quantity: '1' },
  /** What stands there and was typed by nobody. */
  offered: { number: '', title: '' },
});

/**
 * A new job on its way to the rack: its number, what it is, how many, on which lathe.
 * @param held by what name it outlives a reload and going elsewhere; nowhere where it is left out
 */
export function useNewJob(held?: string): NewJobDesk {
  const shop = useShop();
  const { form, offered } = held === undefined ? reactive(begun()) : useHeld(held, begun()).value;
  // The next number may be another by now.
  if (form.number === offered.number) form.number = '';
  const problem = ref<{ field: string | null; sentence: string } | null>(null);
  const busy = ref(false);

  const nextNumber = (): Promise<string> =>
    request<NextNumber>('GET', '/api/next-number').then(
      ({ number }) => number,
      () => '',
    );

  async function prepare(): Promise<void> {
    form.machineId ||= shop.machines[0]?.id ?? '';
    if (form.number) return;
    const next = await nextNumber();
    if (form.number) return;
    form.number = next;
    offered.number = next;
  }

  async function send(part: Partial<JobDocument>): Promise<JobRow> {
    // Asked for before the next number had come: it is waited for, not refused.
    await prepare();
    const { id, quantity, ...rest } = form;
    const document = {
      ...newJobDocument({ ...rest, title: rest.title.trim(), quantity: Number(quantity) }),
      ...part,
    };
    const row = await request<JobRow>('POST', '/api/jobs', { id, document });
    Object.assign(form, { id: newId(), number: '', title: '', quantity: '1' });
    Object.assign(offered, { number: '', title: '' });
    return row;
  }

  async function add(part: Partial<JobDocument>): Promise<JobRow | null> {
    problem.value = null;
    busy.value = true;
    try {
      return await send(part);
    } catch (error) {
      if (error instanceof AnelloError) problem.value = { field: error.field, sentence: error.message };
      else if (error instanceof ServerAway)
        problem.value = {
          field: null,
          sentence:
            'The server is away, so the job is not on the rack yet. What you typed stays here: try again in a moment.',
        };
      else throw error;
      return null;
    } finally {
      busy.value = false;
    }
  }

  return {
    form,
    busy,
    at: (field) => (problem.value?.field === field ? problem.value.sentence : ''),
    elsewhere: computed(() =>
      problem.value && !BOXES.includes(problem.value.field ?? '') ? problem.value.sentence : '',
    ),
    offerTitle(title) {
      if (form.title === offered.title) form.title = title;
      offered.title = title;
    },
    prepare,
    add,
  };
}
