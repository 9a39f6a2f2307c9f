export { entry, entrySchema, isEntry, valuesOf, type Entry, type EntryDimension } from './entry';
export { coreFeatures, featureSchema, type FeatureDocument, type TaperDocument } from './feature';
export { taperFigures, type TaperFigures } from './taperFromTable';
export {
  JOB_SCHEMA,
  jobDocumentSchema,
  jobFacts,
  migrateJobDocument,
  newJobDocument,
  taperOfJob,
  taperOfJobIfComplete,
  type JobDocument,
} from './job';
export {
  CHUCK_KINDS,
  coreLathe,
  MACHINE_SCHEMA,
  machineDocumentSchema,
  migrateMachineDocument,
  type MachineDocument,
} from './machine';
export {
  coreKit,
  KIT_SCHEMA,
  kitDocumentSchema,
  sizes,
  sizesSchema,
  type KitDocument,
  type KitKind,
  type Sizes,
} from './kit';
export { SHOP_TAPER_SCHEMA, shopTaperSchema, shopTaperSize, type ShopTaper } from './shopTaper';
export {
  BUNDLE_FORMAT,
  BUNDLE_SCHEMA,
  bundleJsonSchema,
  bundleSchema,
  importedSchema,
  type Bundle,
  type Imported,
} from './bundle';
export {
  asKept,
  recordBodySchema,
  recordSchema,
  settingSchema,
  type RecordDocument,
  type SettingRow,
} from './record';
export {
  createJobSchema,
  createKitSchema,
  createMachineSchema,
  createTaperSchema,
  errorSchema,
  healthSchema,
  jobCardSchema,
  jobRowSchema,
  jobViewSchema,
  keptSchema,
  machineRowSchema,
  machinesSchema,
  rackQuerySchema,
  rackSchema,
  saveJobSchema,
  kitListSchema,
  kitRowSchema,
  saveKitSchema,
  saveMachineSchema,
  saveTaperSchema,
  taperListSchema,
  taperRowSchema,
  type KitRow,
  type TaperRow,
  type ErrorBody,
  type JobCard,
  type JobRow,
  type JobView,
  type MachineRow,
  type Rack,
} from './api';
