import { Migration20261123T0001Foundations } from './Migration20261123T0001Foundations';
import { Migration20261123T0002Kit } from './Migration20261123T0002Kit';
import { Migration20261125T0003Book } from './Migration20261125T0003Book';

/** Every migration, oldest first. A new one is added here; an old one is never changed. */
export const MIGRATIONS = [
  { name: 'Migration20261123T0001Foundations', class: Migration20261123T0001Foundations },
  { name: 'Migration20261123T0002Kit', class: Migration20261123T0002Kit },
  { name: 'Migration20261125T0003Book', class: Migration20261125T0003Book },
];

export const MIGRATION_NAMES: readonly string[] = MIGRATIONS.map((m) => m.name);
