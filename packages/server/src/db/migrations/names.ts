/**
 * Every migration's name, oldest first. They stand apart from the migrations, so that a book of today's form is opened
 * without loading what would change it.
 */
export const MIGRATION_NAMES = [
  'Migration20261123T0001Foundations',
  'Migration20261123T0002Kit',
  'Migration20261125T0003Book',
  'Migration20261126T0004Shapes',
  'Migration20261126T0005Line',
  'Migration20261126T0006Logbook',
  'Migration20261127T0007Memory',
  'Migration20261127T0008Photos',
  'Migration20261127T0009People',
  'Migration20261127T0010Searches',
  'Migration20261127T0011Features',
  'Migration20261127T0012Practice',
] as const;
