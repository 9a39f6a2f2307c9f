import type { Clash } from './merge';
import { HELD } from './names';
import { sayTrouble } from './trouble';

/** A document as it is on record. */
export interface Row<D> {
  readonly version: number;
  readonly document: D;
}

/** What stands in a form and is not saved, with what it was typed over: null for something new. */
export interface Unsaved<D> {
  readonly base: Row<D> | null;
  readonly draft: D;
  /** Fields somebody else has changed as well, not settled yet. */
  readonly clashes: readonly Clash[];
}

/** In this browser's store for the sitting: it outlives a reload and going elsewhere, as text does that cannot be read. */
const under = (name: string): string => `anello.${name}`;

export function holdUnsaved<D>(form: string, unsaved: Unsaved<D>): void {
  try {
    sessionStorage.setItem(under(HELD.unsaved(form)), JSON.stringify(unsaved));
  } catch (error) {
    sayTrouble(error);
  }
}

export function dropUnsaved(form: string): void {
  try {
    sessionStorage.removeItem(under(HELD.unsaved(form)));
  } catch (error) {
    sayTrouble(error);
  }
}

/** What is held of a form, where it is of the same kind of document still: a newer Anello may have another. */
export function unsavedOf<D extends object>(form: string, now: D): Unsaved<D> | null {
  try {
    const text = sessionStorage.getItem(under(HELD.unsaved(form)));
    const held = text === null ? null : (JSON.parse(text) as Unsaved<D>);
    return held && schemaOf(held.draft) === schemaOf(now) ? held : null;
  } catch (error) {
    sayTrouble(error);
    return null;
  }
}

const schemaOf = (document: object): unknown => ('schema' in document ? document.schema : undefined);

/** Lets go of the text that could not be read in boxes whose names begin so; what is given back puts it there again. */
export function letGoTyped(boxes: string): () => void {
  const begins = under(HELD.typed(boxes));
  const gone: [string, string][] = [];
  try {
    for (const key of Object.keys(sessionStorage)) {
      if (key.startsWith(begins)) gone.push([key, sessionStorage.getItem(key) ?? '']);
    }
    for (const [key] of gone) sessionStorage.removeItem(key);
  } catch (error) {
    sayTrouble(error);
  }
  return () => {
    for (const [key, text] of gone) sessionStorage.setItem(key, text);
  };
}
