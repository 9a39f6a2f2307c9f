import { METRIC_88 } from './kit/blockSets';
import { NO_KIT, type Kit } from './kit/kit';
import type { Lathe } from './machine/lathe';
import type { TaperTask } from './taper/task';
import { taperTolerance } from './taper/tolerance';

const DEG = Math.PI / 180;

/** A No. 3 Morse shank, 86 mm of cone on a part 136 mm long. */
export const SHANK: TaperTask = {
  member: 'external',
  largeDiameter: 23.825 + 5 / 19.922,
  smallDiameter: 23.825 - 81 / 19.922,
  length: 86,
  halfAngle: Math.atan(1 / 19.922 / 2),
  largeEnd: 'headstock',
  workLength: 136,
  tolerance: taperTolerance({ grade: 'AT6', length: 86 }),
};

export const LONG: Lathe = {
  name: 'Long lathe',
  centreDistance: 1000,
  compound: { travel: 120, division: DEG, zero: 'along' },
  attachment: {
    kind: 'telescopic',
    maxHalfAngle: 8 * DEG,
    barTravel: 250,
    pivotLength: 180,
    indicatedEnd: 'tailstock',
    scale: { unit: 'half-angle', division: DEG / 12 },
    lash: 0.08,
  },
  tailstock: { limit: 12, division: 0.5 },
  dial: { division: 0.05, reads: 'diameter', units: 'mm' },
  indicator: 0.001,
};

export const SHORT: Lathe = {
  name: 'Short lathe',
  centreDistance: 500,
  compound: { travel: 60, division: DEG, zero: 'across' },
  attachment: null,
  tailstock: { limit: 10, division: 0.508 },
  dial: { division: 0.0254, reads: 'radius', units: 'inch' },
  indicator: 0.00254,
};

/** A drawer with one of everything a school can ask for. */
export const DRAWER: Kit = {
  ...NO_KIT,
  blocks: [{ name: '88-piece set', sizes: METRIC_88, wear: 2 }],
  masters: [{ name: 'No. 3 plug', ratio: 1 / 19.922, length: 78, provedOn: '2026-09-02' }],
  sineBars: [{ name: '100 mm sine bar', length: 100 }],
  pinBlocks: [{ name: 'Angle block', holes: [{ name: 'No. 3 Morse', x: 93.235, y: 2.34 }] }],
  taperReamers: [{ name: 'No. 3 reamer', ratio: 1 / 19.922, length: 96 }],
  boringBars: [
    {
      name: '20 mm bar',
      diameter: 20,
      reach: 110,
      pointOffset: 13,
      edgeDepth: 5,
      clearance: 15 * DEG,
      material: 'steel',
    },
    {
      name: '10 mm bar',
      diameter: 10,
      reach: 80,
      pointOffset: 6.5,
      edgeDepth: 2.5,
      clearance: 12 * DEG,
      material: 'carbide',
    },
  ],
  instruments: [
    { name: 'Micrometer', type: 'micrometer', resolution: 0.001, range: 25, uncertainty: 0.003 },
    { name: 'Large micrometer', type: 'micrometer', resolution: 0.01, range: 50, uncertainty: 0.006 },
  ],
};
