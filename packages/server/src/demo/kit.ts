import {
  entry,
  KIT_SCHEMA,
  materialDocument,
  SHOP_TAPER_SCHEMA,
  sizes,
  type KitDocument,
  type ShopTaper,
} from '@anello/contract';
import { USUAL_MATERIALS } from '@anello/core/kit';

const base = { schema: KIT_SCHEMA, archived: false, note: '' } as const;
const taper = (typed: string) => entry(typed, 'taper');

interface Instrument {
  readonly type: Extract<KitDocument, { kind: 'instrument' }>['type'];
  readonly resolution: string;
  readonly uncertainty: string;
  readonly range?: string;
  /** Checked on, and every so many months. */
  readonly checked?: readonly [string, number];
}

const instrument = (name: string, given: Instrument): KitDocument => ({
  ...base,
  kind: 'instrument',
  name,
  type: given.type,
  resolution: entry(given.resolution),
  uncertainty: entry(given.uncertainty),
  ...(given.range ? { range: entry(given.range) } : {}),
  ...(given.checked
    ? { checkedOn: given.checked[0], checkEvery: entry(String(given.checked[1]), 'number') }
    : {}),
});

/** What the Quoin Lane workshop has in its drawers. */
export const DEMO_KIT: readonly { id: string; document: KitDocument }[] = [
  {
    id: 'lever-indicator',
    document: instrument('Lever indicator', {
      type: 'indicator',
      resolution: '0.001 mm',
      uncertainty: '0.002 mm',
      range: '0.28 mm',
    }),
  },
  {
    id: 'plunger-indicator',
    document: instrument('Plunger indicator', {
      type: 'indicator',
      resolution: '0.01 mm',
      uncertainty: '0.01 mm',
      range: '10 mm',
    }),
  },
  {
    id: 'micrometer-25',
    document: instrument('0–25 micrometer', {
      type: 'micrometer',
      resolution: '0.001 mm',
      uncertainty: '0.003 mm',
      range: '25 mm',
      checked: ['2026-08-10', 12],
    }),
  },
  {
    id: 'micrometer-50',
    document: instrument('25–50 micrometer', {
      type: 'micrometer',
      resolution: '0.01 mm',
      uncertainty: '0.006 mm',
      range: '50 mm',
    }),
  },
  {
    id: 'depth-micrometer',
    document: instrument('Depth micrometer', {
      type: 'depth',
      resolution: '0.01 mm',
      uncertainty: '0.01 mm',
      range: '100 mm',
    }),
  },
  {
    id: 'three-point-bore',
    document: instrument('Inside micrometer', {
      type: 'inside',
      resolution: '0.01 mm',
      uncertainty: '0.01 mm',
      range: '50 mm',
    }),
  },
  {
    id: 'caliper',
    document: instrument('Dial caliper', {
      type: 'caliper',
      resolution: '0.02 mm',
      uncertainty: '0.04 mm',
      range: '150 mm',
    }),
  },
  {
    id: 'rule',
    document: instrument('Steel rule', {
      type: 'rule',
      resolution: '0.5 mm',
      uncertainty: '0.3 mm',
      range: '300 mm',
    }),
  },
  {
    id: 'block-set',
    document: {
      ...base,
      kind: 'blocks',
      name: '88-piece set',
      sizes: sizes(
        '1.0005; 1.001 to 1.009 by 0.001; 1.01 to 1.49 by 0.01; 0.5 to 9.5 by 0.5; 10 to 100 by 10',
      ),
      wear: entry('2 mm'),
      checkedOn: '2025-10-14',
      checkedAgainst: 'The county’s reference set',
      checkEvery: entry('12', 'number'),
    },
  },
  {
    id: 'drills-metric',
    document: {
      ...base,
      kind: 'drills',
      name: 'Metric drills',
      sizes: sizes('1 to 13 by 0.1; 14 to 32 by 1'),
    },
  },
  {
    id: 'drills-inch',
    document: {
      ...base,
      kind: 'drills',
      name: 'Inch drills',
      sizes: sizes('1/16 to 1/2 by 1/64', 'in'),
    },
  },
  {
    id: 'hand-reamers',
    document: {
      ...base,
      kind: 'reamers',
      name: 'Hand reamers',
      sizes: sizes('6; 8; 10; 12; 16; 20; 25'),
    },
  },
  {
    id: 'rollers',
    document: { ...base, kind: 'rollers', name: 'Roller pairs', sizes: sizes('5; 6; 8; 10; 12') },
  },
  {
    id: 'balls',
    document: {
      ...base,
      kind: 'balls',
      name: 'Bearing balls',
      sizes: sizes('6; 8; 10; 12; 15; 18; 20; 22; 25; 1/2 in; 3/4 in'),
    },
  },
  {
    id: 'sine-bar',
    document: { ...base, kind: 'sine-bar', name: '100 mm sine bar', length: entry('100 mm') },
  },
  {
    id: 'plug-morse-3',
    document: {
      ...base,
      kind: 'master',
      name: 'No. 3 Morse plug gauge',
      series: { series: 'morse-iso', size: '3' },
      ratio: taper('1:19.922'),
      length: entry('78 mm'),
      provedOn: '2026-09-02',
      provedBy: 'DO',
      checkedAgainst: 'Plug and ring, blued',
      checkEvery: entry('24', 'number'),
    },
  },
  {
    id: 'arbor-30',
    document: {
      ...base,
      kind: 'master',
      name: 'No. 30 arbor',
      note: 'Face mill arbor, hardly used; the drive-slot end is the large one.',
      series: { series: 'steep', size: '30' },
      ratio: taper('7/24'),
      length: entry('46 mm'),
    },
  },
  {
    id: 'socket-reamer-2',
    document: {
      ...base,
      kind: 'taper-reamer',
      name: 'No. 2 Morse socket reamer',
      series: { series: 'morse-iso', size: '2' },
      ratio: taper('1:20.020'),
      length: entry('92 mm'),
    },
  },
  {
    id: 'boring-bar-20',
    document: {
      ...base,
      kind: 'boring-bar',
      name: '20 mm boring bar',
      diameter: entry('20 mm'),
      reach: entry('110 mm'),
      pointOffset: entry('13 mm'),
      edgeDepth: entry('5 mm'),
      clearance: entry('15 deg', 'angle'),
      material: 'steel',
    },
  },
  {
    id: 'boring-bar-10',
    document: {
      ...base,
      kind: 'boring-bar',
      name: '10 mm carbide bar',
      diameter: entry('10 mm'),
      reach: entry('80 mm'),
      pointOffset: entry('6.5 mm'),
      edgeDepth: entry('2.5 mm'),
      clearance: entry('12 deg', 'angle'),
      material: 'carbide',
    },
  },
  {
    id: 'pin-block',
    document: {
      ...base,
      kind: 'pin-block',
      name: 'Angle block',
      holes: [
        { name: 'No. 2 Morse', x: entry('100.9 mm'), y: entry('2.52 mm') },
        { name: 'No. 3 Morse', x: entry('93.235 mm'), y: entry('2.34 mm') },
        { name: '1:12', x: entry('85.8 mm'), y: entry('3.575 mm') },
        { name: '7:24', x: entry('100.8 mm'), y: entry('14.7 mm') },
      ],
    },
  },
];

/** The shop's table of materials, as it started. */
export const DEMO_MATERIALS: readonly { id: string; document: KitDocument }[] = USUAL_MATERIALS.map(
  (row, i) => ({
    id: `material-${i + 1}`,
    document: materialDocument(row),
  }),
);

/** Tapers that stand in no table, but on this shop's own presses. */
export const DEMO_TAPERS: readonly { id: string; document: ShopTaper }[] = [
  {
    id: 'crank-pin',
    document: {
      schema: SHOP_TAPER_SCHEMA,
      name: 'Platen crank pin',
      use: 'Crank pins of the two large platen presses; drawn home with a nut.',
      archived: false,
      ratio: taper('1:16.5'),
      gaugeDiameter: entry('1-1/8 in'),
      beyondGauge: entry('0 mm'),
      length: entry('1-3/4 in'),
      thread: '5/8 Whitworth',
    },
  },
];
