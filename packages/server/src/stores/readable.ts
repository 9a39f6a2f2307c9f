import { AnelloError } from '@anello/core/basics';
import type { z } from 'zod';
import type { Book } from '../db/book';

/** A kind of document as it is kept: how an older form is read, what form it must have, and what the core says of it. */
export interface DocumentKind<D> {
  readonly schema: z.ZodType<D>;
  migrate(raw: unknown): D;
  /** What the core works out of it when it is opened. Errors: the core's. */
  open(document: D): unknown;
}

export interface Readable<D> {
  readonly document: D;
  /** The document as JSON, ready to be sent. */
  readonly text: string;
}
/** Something kept that cannot be read: everything else goes on without it. */
export interface Broken {
  readonly sentence: string;
}

/** A document as it lies in the book. */
export interface Stored {
  readonly id: string;
  readonly version: number;
  readonly document: string;
}

const MOST = 4000;

/** Reads kept documents, each version of one once: what was read is held, newest last, up to a number of them. */
export class Reader<D> {
  private readonly heldOf = new WeakMap<Book, Map<string, Readable<D> | Broken>>();

  constructor(private readonly kind: DocumentKind<D>) {}

  read(book: Book, { id, version, document: raw }: Stored): Readable<D> | Broken {
    const held = this.heldOf.get(book) ?? new Map<string, Readable<D> | Broken>();
    this.heldOf.set(book, held);
    const key = `${version} ${id}`;
    const before = held.get(key);
    if (before) return before;
    const found = this.judged(raw);
    held.set(key, found);
    if (held.size > MOST) held.delete(held.keys().next().value as string);
    return found;
  }

  /** Whatever is taken in must open. Errors: the core's, at its field. */
  refuseUnopenable(document: D): void {
    this.kind.open(document);
  }

  private judged(raw: string): Readable<D> | Broken {
    try {
      const document = this.kind.migrate(JSON.parse(raw));
      const fits = this.kind.schema.safeParse(document);
      if (!fits.success)
        return {
          sentence: `${fits.error.issues[0]?.path.join('.') ?? ''}: ${fits.error.issues[0]?.message ?? ''}`,
        };
      this.kind.open(document);
      return { document, text: JSON.stringify(document) };
    } catch (error) {
      if (error instanceof AnelloError || error instanceof SyntaxError || error instanceof TypeError)
        return { sentence: error.message };
      throw error;
    }
  }
}

export const isBroken = (found: object): found is Broken => 'sentence' in found;
