import { AnelloError } from '@anello/core/basics';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { ServerAway, StaleHere } from './api';
import { plain } from './db';
import { merge, same, withTheirs, type Clash } from './merge';
import { newId } from './newId';
import { dropUnsaved, holdUnsaved, unsavedOf, type Row } from './unsaved';

/** The version an edit is typed over; null for something new. */
export interface Over {
  readonly version: number | null;
  /** Made here for this save: sent twice it is done once. */
  readonly save: string;
}

const STANDS_STILL = 'What you changed here before stands here still; it is not saved.';

/**
 * A document being edited: a draft, saving it over the version it was opened at, and what the server says of it, at the
 * box concerned. What somebody else saved meanwhile is joined field by field; a field both changed is asked about.
 * @param formNow by what name what is not saved is held while the sitting lasts; null where it is not
 */
export function useDocumentEditor<D extends object>(
  saving: (draft: D, over: Over) => Promise<string>,
  formNow: () => string | null = () => null,
) {
  const draft = ref(null) as Ref<D | null>;
  const note = ref('');
  const busy = ref(false);
  const refused = ref<{ field: string; sentence: string } | null>(null);
  const clashes = shallowRef<readonly Clash[]>([]);
  /** On record as this was opened; of something new what it began with. */
  const base = shallowRef<Row<D> | null>(null);
  const fresh = shallowRef<D | null>(null);
  let sent = { text: '', save: '' };
  let opening = 0;
  const unsaved = computed(
    () => draft.value !== null && !same(draft.value, base.value?.document ?? fresh.value),
  );
  /** Counts how often the draft was set under whoever types: their boxes begin anew. */
  const setAnew = ref(0);

  function begin(row: Row<D> | null, document: D | null, unsettled: readonly Clash[] = []): void {
    base.value = row && plain(row);
    draft.value = document && plain(document);
    clashes.value = unsettled;
    refused.value = null;
  }

  /** Begins with something on record, or with something new; and with what was typed over it in this sitting. */
  function open(row: Row<D> | null, begun: D | null = null): void {
    fresh.value = row ? null : begun && plain(begun);
    opening++;
    note.value = '';
    busy.value = false;
    begin(row, row ? row.document : begun);
    const form = formNow();
    const held = form !== null && draft.value ? unsavedOf<D>(form, draft.value) : null;
    if (!held || (held.base === null) !== (row === null)) return;
    begin(held.base, held.draft, held.clashes);
    if (unsaved.value) note.value = STANDS_STILL;
  }

  /** What another screen saved is shown, where nothing was typed over it. */
  function follow(row: Row<D>): void {
    if (!unsaved.value && !busy.value && base.value && row.version > base.value.version)
      begin(row, row.document);
  }

  /** Back to what is on record, or to the beginning of something new; what is given back is taking that back. */
  function throwAway(): () => void {
    const before = { base: base.value, draft: draft.value && plain(draft.value), clashes: clashes.value };
    const set: typeof begin = (...now) => {
      begin(...now);
      note.value = '';
      setAnew.value++;
    };
    set(base.value, base.value?.document ?? fresh.value);
    return () => set(before.base, before.draft, before.clashes);
  }

  // What was said of the last save is not true of what is typed after it.
  watch(unsaved, (is) => {
    if (is && note.value !== STANDS_STILL) note.value = '';
  });
  watch(
    () => (unsaved.value ? JSON.stringify([base.value, draft.value, clashes.value]) : null),
    (text) => {
      const form = formNow();
      if (form === null) return;
      if (text === null) dropUnsaved(form);
      else holdUnsaved(form, { base: base.value, draft: draft.value, clashes: clashes.value });
    },
  );

  /** Sentences by key, of the boxes under one part of the document. */
  const errorsUnder = (prefix: string): Record<string, string> => {
    const { field, sentence } = refused.value ?? { field: '', sentence: '' };
    if (!field.startsWith(prefix)) return {};
    const [key = ''] = field.slice(prefix.length).split('.');
    return { [key]: sentence };
  };

  /** Sends something of what is open now; an answer that comes once something else is says nothing of that. */
  async function tried(sending: (counts: () => boolean) => Promise<boolean>): Promise<boolean> {
    if (!draft.value || busy.value || clashes.value.length > 0) return false;
    const at = opening;
    const counts = (): boolean => at === opening;
    busy.value = true;
    refused.value = null;
    try {
      return await sending(counts);
    } catch (error) {
      const why = explain(error);
      if (counts()) [note.value, refused.value] = [why.said, why.at];
      return false;
    } finally {
      if (counts()) busy.value = false;
    }
  }
  const save = (): Promise<boolean> => tried(sendIt);

  /** Saves one change by itself, as putting away is: what else was typed stays on top of it, saved or not as it was. */
  const saveOnly = (change: Partial<D>): Promise<boolean> =>
    tried((counts) => (base.value ? sendOnly(counts, base.value, change) : Promise.resolve(false)));

  async function sendOnly(
    counts: () => boolean,
    { version, document }: Row<D>,
    change: Partial<D>,
    again = true,
  ): Promise<boolean> {
    const next = { ...plain(document), ...change };
    try {
      const said = await saving(next, { version, save: saveOf(version, next) });
      if (!counts()) return true;
      putUnder({ version: version + 1, document: next });
      note.value = said;
      return true;
    } catch (error) {
      if (!again || !counts() || !(error instanceof StaleHere) || !isRow<D>(error.current)) throw error;
      putUnder(error.current);
      return sendOnly(counts, error.current, change, false);
    }
  }

  /** What is on record now under what was typed here. */
  function putUnder(row: Row<D>): void {
    const joined = merge(base.value?.document ?? ({} as D), draft.value as D, row.document);
    base.value = plain(row);
    draft.value = joined.merged;
    clashes.value = joined.clashes;
  }

  async function sendIt(counts: () => boolean): Promise<boolean> {
    const document = plain(draft.value as D);
    try {
      const version = base.value?.version ?? null;
      const form = formNow();
      const said = await saving(document, { version, save: saveOf(version, document) });
      if (form !== null) dropUnsaved(form);
      if (!counts()) return true;
      base.value = { version: (version ?? 0) + 1, document };
      note.value = said;
      return true;
    } catch (error) {
      if (!counts() || !(error instanceof StaleHere) || !isRow<D>(error.current)) throw error;
      return joinWith(error.current, counts);
    }
  }

  /** The same contents over the same version are the same save, however often they are sent. */
  function saveOf(version: number | null, document: D): string {
    const text = JSON.stringify([version, document]);
    if (sent.text !== text) sent = { text, save: newId() };
    return sent.save;
  }

  async function joinWith(theirs: Row<D>, counts: () => boolean): Promise<boolean> {
    putUnder(theirs);
    if (clashes.value.length === 0) return sendIt(counts);
    note.value = 'Somebody changed the same meanwhile. Choose for each, then save again: nothing is lost.';
    return false;
  }

  function choose(clash: Clash, whose: 'mine' | 'theirs'): void {
    if (whose === 'theirs' && draft.value) draft.value = withTheirs(draft.value, clash);
    clashes.value = clashes.value.filter((one) => one !== clash);
    if (clashes.value.length === 0) note.value = 'Settled. Save it now.';
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
    follow,
    save,
    saveOnly,
    unsaved,
    throwAway,
    setAnew,
    put,
    errorsUnder,
    clashes,
    choose,
    refused: computed(() => refused.value),
  };
}

/** What a form asks of it, whatever the document. */
export type DocumentEditor = Pick<
  ReturnType<typeof useDocumentEditor<object>>,
  'note' | 'busy' | 'unsaved' | 'clashes' | 'choose' | 'refused' | 'save' | 'throwAway' | 'setAnew'
> & { readonly draft: Readonly<Ref<object | null>> };

/** Why something was not saved, and at which box. */
function explain(error: unknown): { said: string; at: { field: string; sentence: string } | null } {
  if (error instanceof ServerAway)
    return { said: 'The server is away. Yours is still here: save again when it is back.', at: null };
  if (error instanceof StaleHere)
    return {
      said: 'Somebody changed this meanwhile. Yours is still here: open it anew beside this to compare.',
      at: null,
    };
  if (!(error instanceof AnelloError)) throw error;
  const { field, message } = error;
  return field
    ? { said: `Not saved: ${message}`, at: { field, sentence: message } }
    : { said: message, at: null };
}

const isRow = <D>(value: unknown): value is Row<D> =>
  typeof value === 'object' && value !== null && 'version' in value && 'document' in value;
