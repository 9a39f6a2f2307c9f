export { entry, entrySchema, isEntry, valuesOf, type Entry } from './entry';
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
export { coreLathe, MACHINE_SCHEMA, machineDocumentSchema, type MachineDocument } from './machine';
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
  createMachineSchema,
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
  saveMachineSchema,
  type ErrorBody,
  type JobCard,
  type JobRow,
  type JobView,
  type MachineRow,
  type Rack,
} from './api';
