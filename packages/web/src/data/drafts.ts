import type { ErrorData } from '@anello/core/basics';
import { migrateJobDocument, type JobDocument } from '@anello/contract';
import type { Broke } from './broke';
import type { Clash } from './merge';
import { LOCAL } from './names';
import { sayTrouble } from './trouble';

/** A job's document as typed and not yet taken by the server, with what it was typed over. */
export interface Draft {
  readonly jobId: string;
  readonly version: number;
  /** The document as it stood on the server at that version; left out by an older Anello. */
  readonly base?: JobDocument | undefined;
  readonly document: JobDocument;
  /** The id of this save: sent twice it is done once. A new one for each edit. */
  readonly save: string;
  readonly refused?: ErrorData | undefined;
  /** The server broke on it: how often, and when it goes again. */
  readonly broke?: Broke | undefined;
  /** Somebody else changed the same fields: theirs stands beside, with the version it is at. */
  readonly theirs?:
    | { readonly version: number; readonly document: JobDocument; readonly clashes: readonly Clash[] }
    | undefined;
}

const { draft: PREFIX, torn: TORN } = LOCAL;
/** Drafts a browser without a store holds in the page. */
const loose = new Map<string, Draft>();

const keyOf = (jobId: string): string => `${PREFIX}${jobId}`;
export const isDraftKey = (key: string | null): boolean => key === null || key.startsWith(PREFIX);

/**
 * Drafts lie in the one store a browser writes before the key's event ends, so that an edit is safe however soon the page
 * goes; they are few and small. Where it is full or blocked they are held in the page, and that is said.
 */
export function writeDraft(draft: Draft): void {
  try {
    localStorage.setItem(keyOf(draft.jobId), JSON.stringify(draft));
    loose.delete(draft.jobId);
  } catch (error) {
    loose.set(draft.jobId, draft);
    sayTrouble(error);
  }
}

export function readDraft(jobId: string): Draft | null {
  const held = loose.get(jobId);
  if (held) return held;
  const text = stored(keyOf(jobId));
  if (text === null) return null;
  try {
    const draft = JSON.parse(text) as Draft;
    return { ...draft, document: migrateJobDocument(draft.document) };
  } catch (error) {
    setAside(jobId, text);
    sayTrouble(error);
    return null;
  }
}

/** Only if it is still the one that was meant: a later edit has another save. */
export function dropDraft(jobId: string, save: string): void {
  if (readDraft(jobId)?.save !== save) return;
  loose.delete(jobId);
  try {
    localStorage.removeItem(keyOf(jobId));
  } catch (error) {
    sayTrouble(error);
  }
}

export function allDrafts(): Draft[] {
  const ids = new Set(loose.keys());
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i);
      if (key?.startsWith(PREFIX)) ids.add(key.slice(PREFIX.length));
    }
  } catch (error) {
    sayTrouble(error);
  }
  return [...ids].flatMap((id) => readDraft(id) ?? []);
}

function stored(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch (error) {
    sayTrouble(error);
    return null;
  }
}

/** A torn draft is not thrown away: somebody may still read it. */
function setAside(jobId: string, text: string): void {
  try {
    localStorage.setItem(`${TORN}${jobId}`, text);
    localStorage.removeItem(keyOf(jobId));
  } catch {
    // It stays where it is.
  }
}
