/**
 * Every name under which something lies in this browser, in one place. What is under LOCAL stays until it is taken away;
 * what is under HELD outlives a reload, and goes with the sitting.
 */
export const LOCAL = {
  units: 'anello.units',
  theme: 'anello.theme',
  operator: 'anello.operator',
  /** This screen has asked whose hands are at it. */
  askedWho: 'anello.asked-who',
  paper: 'anello.paper',
  /** Which instruments feed this screen, and how they stand. */
  instruments: 'anello.instruments',
  /** Runs at the practice lathe. */
  practice: 'anello.practice',
  /** Which lathe each exercise that was left in the middle is on. */
  practiceRunning: 'anello.practice.running',
  /** The cut at the practice lathe is heard. */
  cutSound: 'anello.practice.sound',
  /** What of a run was not written yet when its page was left. */
  practiceLeft: 'anello.practice.left.',
  /** The order the rack is looked at in. */
  rackSort: 'anello.rack-sort',
  /** The first jobs of it, as they were seen last. */
  rackSeen: 'anello.rack-seen',
  /** Searches of the logbook that were given a name. */
  searches: 'anello.searches',
  /** One for each job with something typed that the server does not have. */
  draft: 'anello.draft.',
  /** A draft that could not be read, kept as it was found. */
  torn: 'anello.torn.',
  /** On its way into the outbox. */
  keeping: 'anello.keeping.',
  /** Which tab sends, where the browser has no locks. */
  sender: 'anello.sender',
} as const;

/** The browser's own lock for the tab that sends. */
export const SENDER_LOCK = 'anello-outbox';

/** The browser's database, and what each of its stores goes by. */
export const DATABASE = { name: 'anello', version: 5 } as const;
export const STORE_KEYS = {
  outbox: 'seq',
  drafts: 'jobId',
  jobs: 'id',
  machines: 'id',
  kit: 'id',
  tapers: 'id',
  acknowledged: 'id',
  pictures: 'key',
  practice: 'id',
  practiceDone: 'key',
} as const;

export const HELD = {
  bar: 'bar',
  /** Something like it was done before: of a kind of shape, where it was asked last, and of a step of a job. */
  told: (kind: string) => `told.${kind}`,
  toldAt: (step: string) => `told-at.${step}`,
  quick: 'quick',
  blocksInUse: 'blocks-in-use',
  withoutWear: 'without-wear',
  cutView: 'cut.view',
  recordView: 'record.view',
  paceSpeed: 'pace.speed',
  holdSchool: 'hold.school',
  holdMethod: 'hold.method',
  engagement: 'thread.engagement',
  steel: 'hardening.steel',
  hub: 'drive.hub',
  extremes: 'throw.extremes',
  pinTapers: 'pins.tapers',
  pinBlock: 'pins.block',
  portName: 'port.name',
  portPattern: 'port.pattern',
  portUnit: 'port.unit',
  portRate: 'port.rate',
  typed: (box: string) => `typed.${box}`,
  /** A new job on its way to the rack, and the drawn part it begins from. */
  newJob: 'new.job',
  newPart: 'new.part',
  /** Who is being written down, or changed, under People; never a passphrase. */
  person: 'person',
  /** What was changed in a form and is not saved. */
  unsaved: (form: string) => `unsaved.${form}`,
  points: (box: string) => `points.${box}`,
  copy: (form: string, what: 'method' | 'given' | 'tools' | 'plus') => `${form}.${what}`,
  interrupted: (job: string) => `interrupted.${job}`,
  formTool: (job: string) => `form-tool.${job}`,
  supported: (job: string) => `supported.${job}`,
  thread: (job: string) => `thread.${job}`,
  curveSet: (job: string) => `curve.set.${job}`,
  eccentricSet: (job: string) => `eccentric.set.${job}`,
  longSweep: (step: string) => `long-sweep.${step}`,
  listen: (of: string, what: 'jaws' | 'stuff' | 'held' | 'teeth') => `listen.${of}.${what}`,
  barBegins: (lathe: string, way: string) => `bar-begins.${lathe}.${way}`,
  shoulder: (operation: string) => `shoulder.${operation}`,
  steps: (job: string, piece: number) => `steps.${job}.${piece}`,
} as const;
