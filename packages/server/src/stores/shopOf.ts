import { coreKit, coreLathe } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Kit } from '@anello/core/kit';
import type { Lathe } from '@anello/core/machine';
import type { Book } from '../db/book';
import { findOnShelf, listShelf } from './shelf';
import { KIT, MACHINES } from './shelves';

/** The shop's lathes and kit as the core computes with them, read again only after one of them was written. */
export class ShopOf {
  private held: { stamp: number; kit: Kit | null; lathes: Map<string, Lathe | null> } = {
    stamp: -1,
    kit: null,
    lathes: new Map(),
  };

  constructor(private readonly book: Book) {}

  kit(): Kit {
    const now = this.now();
    now.kit ??= coreKit(listShelf(this.book, KIT).rows.map((row) => row.document));
    return now.kit;
  }

  /** A lathe; null where there is none of that id, or it cannot be read. */
  lathe(id: string): Lathe | null {
    const { lathes } = this.now();
    const before = lathes.get(id);
    if (before !== undefined) return before;
    const lathe = this.read(id);
    lathes.set(id, lathe);
    return lathe;
  }

  private now(): ShopOf['held'] {
    const { shelfStamp: stamp } = this.book;
    if (this.held.stamp !== stamp) this.held = { stamp, kit: null, lathes: new Map() };
    return this.held;
  }

  private read(id: string): Lathe | null {
    try {
      return coreLathe(findOnShelf(this.book, MACHINES, id).document);
    } catch (error) {
      if (error instanceof AnelloError) return null;
      throw error;
    }
  }
}
