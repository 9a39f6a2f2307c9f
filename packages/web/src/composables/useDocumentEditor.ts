import { AnelloError } from '@anello/core';
import { computed, ref, type Ref } from 'vue';
import { ServerAway, StaleHere } from '../lib/api';

/** A document being edited: a draft, saving it, and what the server says of it, at the box concerned. */
export function useDocumentEditor<D extends object>(saving: (draft: D) => Promise<string>) {
  const draft = ref(null) as Ref<D | null>;
  const note = ref('');
  const busy = ref(false);
  const refused = ref<{ field: string; sentence: string } | null>(null);

  /** Sentences by key, of the boxes under one part of the document. */
  const errorsUnder = (prefix: string): Record<string, string> => {
    const { field, sentence } = refused.value ?? { field: '', sentence: '' };
    if (!field.startsWith(prefix)) return {};
    const [key = ''] = field.slice(prefix.length).split('.');
    return { [key]: sentence };
  };

  async function save(): Promise<boolean> {
    if (!draft.value || busy.value) return false;
    busy.value = true;
    refused.value = null;
    try {
      note.value = await saving(draft.value);
      return true;
    } catch (error) {
      note.value = explain(error);
      return false;
    } finally {
      busy.value = false;
    }
  }

  function explain(error: unknown): string {
    if (error instanceof StaleHere)
      return 'Somebody changed this meanwhile. Yours is still here: look it over and save again to keep it.';
    if (error instanceof ServerAway)
      return 'The server is away. Yours is still here: save again when it is back.';
    if (!(error instanceof AnelloError)) throw error;
    if (error.field) refused.value = { field: error.field, sentence: error.message };
    return error.field ? `Not saved: ${error.message}` : error.message;
  }

  /** Puts a value into the draft under an object of it, or takes it out. */
  function put(object: Record<string, unknown>, key: string, value: unknown): void {
    if (value === undefined) delete object[key];
    else object[key] = value;
    refused.value = null;
  }

  return { draft, note, busy, save, put, errorsUnder, refused: computed(() => refused.value) };
}
