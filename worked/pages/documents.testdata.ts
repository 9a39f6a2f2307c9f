import {
  ANY_NUMBER,
  coreKit,
  coreLathe,
  featuresFromOutline,
  jobFacts,
  lineCard,
  LinePattern,
  mateStart,
  newJobDocument,
  planPartOf,
  PRACTICE_MACHINE,
  readWireLine,
  shapeKeys,
  shapesOf,
  startedWith,
  STARTERS,
  workTried,
  type FeatureDocument,
  type JobDocument,
  type OutlinePlace,
} from '../../packages/contract/src';
import { planPart } from '../../packages/core/src/plan';
import { answered, type Page } from '../page.testdata';

const KIT = coreKit([]);
const LATHE = coreLathe(PRACTICE_MACHINE);
const nothing = { figures: {}, tapers: {} };

/** A feature of a document in one line: what was typed in each of its boxes. */
function typed(feature: FeatureDocument): unknown {
  const said = (one: unknown): unknown => {
    if (Array.isArray(one)) return one.map(said);
    if (typeof one !== 'object' || one === null) return one;
    return 'typed' in one
      ? one.typed
      : Object.fromEntries(Object.entries(one).map(([key, part]) => [key, said(part)]));
  };
  const { id, name, kind, side: _, ...rest } = feature;
  return { [`${kind} ${id}, ${name}`]: said(rest) };
}

const place = (z: number, diameter: number, more: Partial<OutlinePlace> = {}): OutlinePlace => ({
  z,
  diameter,
  ...more,
});

/** Outsides as they come off a drawing. */
const OUTLINES: Readonly<Record<string, readonly OutlinePlace[]>> = {
  'two diameters': [place(0, 30), place(20, 30), place(20, 20), place(50, 20)],
  'a diameter with both edges broken': [place(0, 28), place(1, 30), place(39, 30), place(40, 28)],
  'edges broken at 30°, and by 3 mm': [place(0, 24), place(3, 30), place(38, 30), place(40, 27.69)],
  'a slope of 3.2 mm at 45°': [place(0, 23.6), place(3.2, 30), place(40, 30)],
  'a slope flatter than an edge': [place(0, 29), place(2, 30), place(40, 30)],
  'a slope steeper than an edge': [place(0, 24), place(1, 30), place(40, 30)],
  'an edge between two diameters': [place(0, 40), place(20, 40), place(22, 36), place(22, 20), place(50, 20)],
  'a slope up to a shoulder': [place(0, 20), place(20, 20), place(22, 24), place(22, 40), place(50, 40)],
  'a slope down to the next diameter': [place(0, 40), place(20, 40), place(22, 36), place(50, 36)],
  'an edge beside a cone': [place(0, 40), place(20, 40), place(21, 38), place(60, 30), place(80, 30)],
  'a cone each way': [place(0, 20), place(40, 24), place(60, 24), place(100, 20)],
  'a face that leans': [place(0, 20), place(20, 20), place(21, 40), place(50, 40)],
  'an arc between two diameters': [
    place(0, 20),
    place(20, 20),
    place(30, 40, { run: 'arc', radius: 10, bulge: 'in' }),
    place(50, 40),
  ],
  'arcs one after the other': [
    place(0, 10),
    place(10, 20, { run: 'arc', radius: 10, bulge: 'out' }),
    place(20, 10, { run: 'arc', via: { z: 15, r: 9 } }),
    place(40, 10),
    place(50, 14, { run: 'ogee' }),
  ],
  nothing: [],
  'one place': [place(0, 20)],
  'a step alone': [place(0, 20), place(0, 30)],
};

const started = (id: string, quantity = 1): JobDocument => {
  const starter = STARTERS.find((one) => one.id === id);
  if (!starter) throw new Error(`Nothing begins as ${id}.`);
  return {
    ...newJobDocument({ number: 'J-1', title: id, machineId: 'm' }),
    ...startedWith(starter, nothing),
    quantity,
  };
};

/** A part begun from nothing typed, and what each place of the house makes of it. */
const begun = (id: string): unknown => {
  const document = started(id);
  const { title, features, work } = document;
  const shapes = shapesOf(document);
  const { shapes: facts, ...rest } = jobFacts(document);
  return {
    title,
    features: features.map(typed),
    work,
    facts: { ...rest, shapes: facts },
    keys: shapeKeys(document),
    tried: shapes.flatMap(({ feature }) =>
      (['attachment', 'compound', 'tailstock'] as const).map((way) => ({
        [`${feature} by the ${way}`]: answered(() => workTried(document, feature, { until: 'made', way })),
      })),
    ),
    line: answered(() => {
      const part = planPartOf(document, LATHE, KIT);
      return {
        stock: part.stock,
        line: planPart(part).holdings.map(({ by, operations }) => [by, ...operations.map((one) => one.id)]),
      };
    }),
    card: lineCard(document, LATHE, KIT, []),
    mates: shapes.flatMap(({ feature }) => {
      const mate = mateStart(document, { id: 'j-1', feature });
      if (!mate) return [];
      const { part, ...more } = mate;
      return [{ ...more, features: part.features.map(typed), work: part.work }];
    }),
  };
};

/** Lines of instruments that send only text, by patterns that read them and some that do not. */
const WIRE: readonly (readonly [pattern: string, ...lines: string[]])[] = [
  ['{value}', '12.5', ' -12.5 ', '+ 0.003', '1,25', '1 2', 'x', '1e3', '.5', '5.'],
  [ANY_NUMBER, 'reading: -0.012 mm', 'A1 = 3', 'none'],
  ['{channel}={value} {unit}', 'X=+12.345 mm', 'z = 3 inch', 'Y=3', 'X=1 furlong', 'X=1.5"', 'A=30°'],
  ['N,{value},{unit},*', 'N,0.5,um,ok', 'N,0.5,µm,', 'N,0.5,mm,12'],
  ['{unit} {value}', 'deg 12.5', 'IN 0.5'],
  ['no figure', '1'],
  ['{value} {value}', '1 2'],
  ['{unit}{unit}{value}', 'mm1'],
  ['****{value}', '1'],
];

const TOLD: readonly string[] = [
  '{"instrument":"dial","value":12,"unit":"um"}',
  '{"instrument":"scale","value":1,"unit":"in","channel":"z","time":3.5}',
  '{"instrument":"level","value":0.5,"unit":"deg","pressed":true}',
  '{"instrument":"dial","value":"12"}',
  '{"instrument":"","value":12}',
  '{"instrument":"dial","value":1e9}',
  '{"instrument":"dial","value":1,"unit":"ft"}',
  '[1]',
  'dial 12',
  '   ',
];

/** Drawings taken in, parts begun, and lines of the wire read. */
export const DOCUMENTS_PAGE: Page = [
  ...Object.entries(OUTLINES).map(([name, places]): Page[number] => [
    `drawn: ${name}`,
    () => featuresFromOutline(places).map(typed),
  ]),
  ...STARTERS.map(({ id }): Page[number] => [`begun: ${id}`, () => begun(id)]),
  ...WIRE.map(([pattern, ...lines]): Page[number] => [
    `read by ${pattern}`,
    () => {
      const by = (): LinePattern => new LinePattern(pattern);
      try {
        by();
      } catch (error) {
        return (error as Error).message;
      }
      return Object.fromEntries(lines.map((line) => [line, by().read(line)]));
    },
  ]),
  ...TOLD.map((line): Page[number] => [`told: ${line}`, () => readWireLine(line)]),
];
