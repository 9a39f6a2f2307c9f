/** What the screens call the fields of jobs, lathes, kit and tapers whose own names say less. */
const ON_SCREEN: Readonly<Record<string, string>> = {
  archived: 'whether it is put away',
  // A job.
  title: 'what it is',
  quantity: 'how many',
  machineId: 'lathe',
  due: 'wanted by',
  who: 'whose job',
  tags: 'words to find it by',
  features: 'part',
  mate: 'tried in',
  batch: 'how the batch is worked',
  harden: 'hardness',
  work: 'how it is made',
  cut: 'how it is cut',
  materialRow: 'row of the materials',
  stock: 'bar',
  plan: 'line of work',
  // A lathe.
  centreDistance: 'between centres',
  swing: 'swing over the bed',
  swingOverSlide: 'swing over the cross-slide',
  indicator: 'setting indicator',
  dial: 'cross-slide dial',
  compound: 'compound slide',
  attachment: 'taper attachment',
  feedAngle: 'feeds in at',
  minutes: 'minutes of each way',
  // What is owned.
  type: 'what kind it is',
  resolution: 'what it shows',
  uncertainty: 'how good a reading is',
  range: 'longest it measures',
  checkedOn: 'last checked on',
  checkEvery: 'how often it is checked',
  provedOn: 'last proved on',
  reach: 'longest it stands out',
  speedHss: 'speed with HSS',
  expansion: 'growth with heat',
  density: 'weight',
  lubricant: 'on the cut',
  // A taper of the shop's own.
  use: 'what it is found on',
  ratio: 'taper on diameter',
  gaugeDiameter: 'gauge line diameter',
  beyondGauge: 'past the gauge line',
};

/**
 * A field as people call it, by its key in a document.
 * @example fieldInWords('largeDiameter') // 'large diameter'
 */
export const fieldInWords = (key: string): string =>
  ON_SCREEN[key] ?? key.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);
