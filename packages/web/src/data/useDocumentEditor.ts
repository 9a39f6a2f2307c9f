import { AnelloError } from '@anello/core/basics';
import { computed, ref, shallowRef, type Ref } from 'vue';
import { ServerAway, StaleHere } from './api';
import { plain } from './db';
import { merge, withTheirs, type Clash } from './merge';
import { newId } from './newId';

/** The version an edit is typed over; null for something new. */
export interface Over {
  readonly version: number | null;
  /** Made here for this save: sent twice it is done once. */
  readonly save: string;
}

interface Row<D> {
  readonly version: number;
  readonly document: D;
}

/**
 * A document being edited: a draft, saving it over the version it was opened at, and what the server says of it, at the
 * box concerned. What somebody else saved meanwhile is joined field by field; a field both changed is asked about.
 */
export function useDocumentEditor<D extends object>(saving: (draft: D, over: Over) => Promise<string>) {
  const draft = ref(null) as Ref<D | null>;
  const note = ref('');
  const busy = ref(false);
  const refused = ref<{ field: string; sentence: string } | null>(null);
  const clashes = shallowRef<readonly Clash[]>([]);
  let base: Row<D> | null = null;
  let sent = { text: '', save: '' };

  /** Begins with something on record, or with something new. */
  function open(row: Row<D> | null, fresh: D | null = null): void {
    base = row && plain(row);
    draft.value = row ? plain(row.document) : fresh;
    clashes.value = [];
    refused.value = null;
  }

  /** Sentences by key, of the boxes under one part of the document. */
  const errorsUnder = (prefix: string): Record<string, string> => {
    const { field, sentence } = refused.value ?? { field: '', sentence: '' };
    if (!field.startsWith(prefix)) return {};
    const [key = ''] = field.slice(prefix.length).split('.');
    return { [key]: sentence };
  };

  async function save(): Promise<boolean> {
    if (!draft.value || busy.value || clashes.value.length > 0) return false;
    busy.value = true;
    refused.value = null;
    try {
      return await sendIt();
    } catch (error) {
      note.value = explain(error);
      return false;
    } finally {
      busy.value = false;
    }
  }

  async function sendIt(): Promise<boolean> {
    const document = plain(draft.value as D);
    try {
      const version = base?.version ?? null;
      note.value = await saving(document, { version, save: saveOf(version, document) });
      base = { version: (version ?? 0) + 1, document };
      return true;
    } catch (error) {
      if (!(error instanceof StaleHere) || !isRow<D>(error.current)) throw error;
      return joinWith(error.current);
    }
  }

  /** The same contents over the same version are the same save, however often they are sent. */
  function saveOf(version: number | null, document: D): string {
    const text = JSON.stringify([version, document]);
    if (sent.text !== text) sent = { text, save: newId() };
    return sent.save;
  }

  async function joinWith(theirs: Row<D>): Promise<boolean> {
    const joined = merge(base?.document ?? ({} as D), draft.value as D, theirs.document);
    base = plain(theirs);
    draft.value = joined.merged;
    clashes.value = joined.clashes;
    if (joined.clashes.length === 0) return sendIt();
    note.value = 'Somebody changed the same meanwhile. Choose for each, then save again: nothing is lost.';
    return false;
  }

  function choose(clash: Clash, whose: 'mine' | 'theirs'): void {
    if (whose === 'theirs' && draft.value) draft.value = withTheirs(draft.value, clash);
    clashes.value = clashes.value.filter((one) => one !== clash);
    if (clashes.value.length === 0) note.value = 'Settled. Save it now.';
  }

  function explain(error: unknown): string {
    if (error instanceof ServerAway)
      return 'The server is away. Yours is still here: save again when it is back.';
    if (error instanceof StaleHere)
      return 'Somebody changed this meanwhile. Yours is still here: open it anew beside this to compare.';
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

  return {
    draft,
    note,
    busy,
    open,
    save,
    put,
    errorsUnder,
    clashes,
    choose,
    refused: computed(() => refused.value),
  };
}

const isRow = <D>(value: unknown): value is Row<D> =>
  typeof value === 'object' && value !== null && 'version' in value && 'document' in value;
