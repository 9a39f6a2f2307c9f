import { Migration20261123T0001Foundations } from './Migration20261123T0001Foundations';
import { Migration20261123T0002Kit } from './Migration20261123T0002Kit';
import { Migration20261125T0003Book } from './Migration20261125T0003Book';
import { Migration20261126T0004Shapes } from './Migration20261126T0004Shapes';
import { Migration20261126T0005Line } from './Migration20261126T0005Line';
import { Migration20261126T0006Logbook } from './Migration20261126T0006Logbook';
import { Migration20261127T0007Memory } from './Migration20261127T0007Memory';
import { Migration20261127T0008Photos } from './Migration20261127T0008Photos';
import { Migration20261127T0009People } from './Migration20261127T0009People';
import { Migration20261127T0010Searches } from './Migration20261127T0010Searches';
import { Migration20261127T0011Features } from './Migration20261127T0011Features';
import { Migration20261127T0012Practice } from './Migration20261127T0012Practice';
import { MIGRATION_NAMES } from './names';

type Named = Record<(typeof MIGRATION_NAMES)[number], typeof Migration20261123T0001Foundations>;

/** The migration of each name. A new one is added here and to the names; an old one is never changed. */
const BY_NAME: Named = {
  Migration20261123T0001Foundations,
  Migration20261123T0002Kit,
  Migration20261125T0003Book,
  Migration20261126T0004Shapes,
  Migration20261126T0005Line,
  Migration20261126T0006Logbook,
  Migration20261127T0007Memory,
  Migration20261127T0008Photos,
  Migration20261127T0009People,
  Migration20261127T0010Searches,
  Migration20261127T0011Features,
  Migration20261127T0012Practice,
};

/** Every migration, oldest first. */
export const MIGRATIONS = MIGRATION_NAMES.map((name) => ({ name, class: BY_NAME[name] }));
