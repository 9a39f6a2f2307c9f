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
export { entry, isEntry, valuesOf, type Entry, type EntryDimension } from './entry/entry';
export { entrySchema } from './entry/schema';
export { coreFeatures } from './job/feature/toCore';
export { featureSchema, type FeatureDocument, type TaperDocument } from './job/feature/schema';
export { taperFigures, type TaperFigures } from './job/feature/taperFromTable';
export { begunAs } from './job/begunAs';
export { mateLink, mateStart, type MateStart } from './job/mate';
export { featuresFromOutline, type OutlinePlace } from './job/feature/fromOutline';
export { newJobDocument } from './job/new';
export { migrateJobDocument } from './job/migrate';
export { shapeKeys, type ShapeKey } from './job/shapeKeys';
export { ANY_NUMBER, LinePattern } from './wire/pattern';
export {
  LONGEST_LINE,
  readWireLine,
  WIRE_UNITS,
  wireLineJsonSchema,
  wireLineSchema,
  type ReadLine,
  type WireLine,
  type WireReading,
} from './wire/line';
export { Lines } from './wire/lines';
export type { CameIn, WireEvent, WireRefused } from './wire/event';
export { hereSchema, LIVE_SHELVES, liveEventSchema, type Here, type LiveEvent } from './api/live';
export { copiesSchema, type CopiesSaid } from './api/copies';
export { likenessSchema, type LikenessSaid } from './api/likeness';
export { LARGEST_PHOTO, LARGEST_SIDE, PHOTO_SIDE, sendPhotoSchema, type SendPhoto } from './api/photos';
export { lossesQuerySchema, lossesSchema, type LossesSaid, type LossRow } from './api/losses';
export { loreQuerySchema, loreSchema, type LoreSaid } from './api/lore';
export {
  initialsSchema,
  peopleSchema,
  personSchema,
  RIGHTS,
  savePersonSchema,
  type People,
  type Person,
  type Right,
  type SavePerson,
} from './api/people';
export { nextNumberSchema, type NextNumber } from './api/nextNumber';
export { operatorsSchema, type Operators } from './api/operators';
export {
  beforeSchema,
  likeQuerySchema,
  operationBeforeSchema,
  type Before,
  type BeforeRow,
  type OperationBefore,
  type OperationBeforeRow,
} from './api/before';
export {
  askedSchema,
  saveSearchSchema,
  searchesSchema,
  searchNameSchema,
  type Search,
  type Searches,
} from './api/searches';
export { eccentricOfJob, jobFacts, taperOfJob, taperOfJobIfComplete } from './job/toCore';
export { startedFrom } from './job/work/startFrom';
export { putWork, shapesOf, shapeWith, workOf, type Shape } from './job/work/shapes';
export { operationOf } from './job/work/operation';
export { batchAt, lineCard, lineOperations, type LineCard } from './job/line';
export { newWork } from './job/work/new';
export type { Work, WorkKind, WorkOf } from './job/work/schema';
export type { TaperWork } from './job/work/taper';
export { startedWith, STARTERS, tableSize, type StarterGiven } from './job/starters/registry';
export type { Ask, FigureAsk, Starter, TaperAsk } from './job/starters/starter';
export { materialOfJob } from './job/material';
export { planPartOf, stockOfJob } from './job/planPart';
export type { StockDocument } from './job/plan';
export { jobDocumentSchema, type JobDocument } from './job/schema';
export type { CurveWork } from './job/work/curve';
export type { EccentricWork } from './job/work/eccentric';
export { PRACTICE_MACHINE } from './machine/practice';
export { coreLathe } from './machine/toCore';
export { workTried } from './job/workTried';
export { migrateMachineDocument } from './machine/migrate';
export {
  newAttachment,
  newCompound,
  newMachine,
  newReadout,
  newTailstock,
  usualDivision,
} from './machine/new';
export { machineDocumentSchema, type MachineDocument } from './machine/schema';
export { coreKit } from './kit/toCore';
export { materialDocument, sizes } from './kit/new';
export { newKit } from './kit/newKit';
export { kitDocumentSchema, sizesSchema, type KitDocument, type KitKind, type Sizes } from './kit/schema';
export { shopTaperSize } from './taper/toCore';
export { shopTaperSchema, type ShopTaper } from './taper/schema';
export {
  bundleJsonSchema,
  bundleQuerySchema,
  BUNDLE_SORTS,
  bundleSchema,
  importedSchema,
  importQuerySchema,
  migrateBundle,
  nothingImported,
  TAKEN_AS,
  type Bundle,
  type BundleSort,
  type TakenAs,
  type Imported,
} from './api/bundle';
export {
  asKept,
  recordBodySchema,
  recordSchema,
  settingSchema,
  type RecordDocument,
  type SettingRow,
} from './record/schema';
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
  putAwaySchema,
  RACK_SORTS,
  type RackSort,
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
} from './api/schema';
export { logQuerySchema, logSchema, type LogPage, type LogQuery, type LogRow } from './api/log';
export {
  practiceRunSchema,
  practiceRunsQuerySchema,
  practiceRunsSchema,
  type PracticeRun,
  type PracticeRuns,
} from './api/practice';
