import { MikroORM } from '@mikro-orm/libsql';
import { Migrator } from '@mikro-orm/migrations';
import type { Book } from './book';
import { MIGRATIONS } from './migrations/registry';
import { sharedDialect } from './sharedDialect';

/** Brings a book to today's form, on its own connection. Loaded only where there is something to bring. */
export async function migrate(book: Book): Promise<void> {
  const orm = await MikroORM.init({
    dbName: book.file,
    // What lies in the book is asked for by SQL; the ORM has its connection and its migrations.
    entities: [],
    extensions: [Migrator],
    allowGlobalContext: true,
    discovery: { warnWhenNoEntities: false },
    migrations: { migrationsList: MIGRATIONS, snapshot: false, silent: true },
    driverOptions: { client: sharedDialect(book) },
    pool: { min: 1, max: 1 },
  });
  try {
    await orm.migrator.up();
  } finally {
    await orm.close();
  }
  book.forget();
}
