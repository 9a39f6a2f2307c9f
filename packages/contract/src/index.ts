export {
  BUNDLE_FORMAT,
  BUNDLE_SCHEMA,
  CHUCK_KINDS,
  JOB_SCHEMA,
  KIT_SCHEMA,
  MACHINE_SCHEMA,
  MOST_POINTS,
  SHOP_TAPER_SCHEMA,
} from './forms';
export { entry, isEntry, valuesOf, type Entry, type EntryDimension } from './entry';
export { entrySchema } from './schema/entry';
export { coreFeatures } from './feature';
export { featureSchema, type FeatureDocument, type TaperDocument } from './schema/feature';
export { taperFigures, type TaperFigures } from './taperFromTable';
export {
  eccentricOfJob,
  isCurveJob,
  jobFacts,
  migrateJobDocument,
  newJobDocument,
  taperOfJob,
  taperOfJobIfComplete,
} from './job';
export { jobDocumentSchema, type JobDocument } from './schema/job';
export type { CurveChoice } from './schema/curve';
export type { EccentricChoice } from './schema/eccentric';
export { coreLathe, migrateMachineDocument } from './machine';
export { machineDocumentSchema, type MachineDocument } from './schema/machine';
export { coreKit, materialDocument, sizes } from './kit';
export { kitDocumentSchema, sizesSchema, type KitDocument, type KitKind, type Sizes } from './schema/kit';
export { shopTaperSize } from './shopTaper';
export { shopTaperSchema, type ShopTaper } from './schema/shopTaper';
export { bundleJsonSchema, bundleSchema, importedSchema, type Bundle, type Imported } from './schema/bundle';
export {
  asKept,
  recordBodySchema,
  recordSchema,
  settingSchema,
  type RecordDocument,
  type SettingRow,
} from './schema/record';
export {
  asideSchema,
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
  recordsPageSchema,
  recordsQuerySchema,
  sessionSchema,
  signInSchema,
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
  type Aside,
  type ErrorBody,
  type RecordsPage,
  type Session,
  type JobCard,
  type JobRow,
  type JobView,
  type MachineRow,
  type Rack,
} from './schema/api';
