import { Migrator } from '@mikro-orm/migrations';
import { MikroORM } from '@mikro-orm/libsql';
import { ENTITIES } from './entities';
import { Migration20261123T0002Kit } from './migrations/Migration20261123T0002Kit';
import { Migration20261123T0001Foundations } from './migrations/Migration20261123T0001Foundations';

/** Every migration, oldest first. A new one is added here; an old one is never changed. */
export const MIGRATIONS = [
  { name: 'Migration20261123T0001Foundations', class: Migration20261123T0001Foundations },
  { name: 'Migration20261123T0002Kit', class: Migration20261123T0002Kit },
];

/**
 * Opens the database file and brings it to the newest schema. WAL with synchronous=FULL: once a commit
 * returns it is on the disk, whatever happens to the process.
 */
export async function openDatabase(file: string): Promise<MikroORM> {
  const orm = await MikroORM.init({
    dbName: file,
    entities: ENTITIES,
    extensions: [Migrator],
    allowGlobalContext: true,
    discovery: { warnWhenNoEntities: true },
    migrations: { migrationsList: MIGRATIONS, snapshot: false, silent: true },
    pool: { min: 1, max: 1 },
  });
  const connection = orm.em.getConnection();
  await connection.execute('pragma journal_mode = WAL');
  await connection.execute('pragma synchronous = FULL');
  await connection.execute('pragma busy_timeout = 5000');
  await orm.migrator.up();
  return orm;
}
