import { LibSqlKnexDialect } from '@mikro-orm/libsql';
import type { Book } from './book';
import type { RawDatabase } from './raw';

/**
 * The ORM's dialect on the book's own connection. Of its own it would open another every ten seconds, without the pragmas
 * and without the locks of the first.
 */
export function sharedDialect(book: Book): typeof LibSqlKnexDialect {
  return class extends LibSqlKnexDialect {
    override async acquireRawConnection(): Promise<RawDatabase> {
      return book.connection;
    }
    override validateConnection(connection: RawDatabase): boolean {
      return connection === book.connection && connection.open;
    }
    async destroyRawConnection(): Promise<void> {
      // The book closes it.
    }
  } as unknown as typeof LibSqlKnexDialect;
}
