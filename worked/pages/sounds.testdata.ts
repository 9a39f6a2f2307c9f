import {
  BAR_STUFFS,
  beamFrequency,
  beamStiffness,
  HELD_BY,
  hearPitch,
  pitchOfMarks,
  spectrumOf,
  type BarStuffName,
  type Beam,
  type ChatterSetup,
} from '../../packages/core/src/chatter';
import { drawsOf } from '../../packages/core/src/sweep/sweeps.testdata';
import type { Page } from '../page.testdata';

const STUFFS = Object.keys(BAR_STUFFS) as BarStuffName[];
const BEAMS: Page = STUFFS.flatMap((stuff) =>
  HELD_BY.map((held): Page[number] => [
    `a bar of ${stuff}, held by ${held}`,
    () =>
      [
        { diameter: 16, length: 80 },
        { diameter: 16, length: 160 },
        { diameter: 25, bore: 12, length: 120 },
      ].map((bar): unknown => {
        const beam: Beam = { ...bar, stuff, held };
        return { ...bar, hz: beamFrequency(beam), stiffness: beamStiffness(beam) };
      }),
  ]),
);
const plain: Beam = { diameter: 20, length: 100, stuff: 'steel', held: 'one end' };
const NO_BEAMS: Page = [
  ['a bar of no thickness', () => beamFrequency({ ...plain, diameter: 0 })],
  ['a bar of no length', () => beamStiffness({ ...plain, length: -1 })],
  ['a tube without a wall', () => beamFrequency({ ...plain, bore: 20 })],
  ['a tube with hardly a wall', () => beamFrequency({ ...plain, bore: 19.9 })],
  ['a hole that is less than none', () => beamFrequency({ ...plain, bore: -1 })],
];

const BAR = { diameter: 16, length: 80, stuff: 'steel' } as const;
const STUB = { diameter: 16, length: 39, stuff: 'carbide' } as const;
const WORK: Beam = { diameter: 30, length: 140, stuff: 'steel', held: 'one end' };
/** What ran when it sounded. */
const SETUPS: Readonly<Record<string, ChatterSetup>> = {
  'a bar in a bore': { turns: 420, jaws: 3, bar: BAR },
  'a stub of carbide': { turns: 420, jaws: 4, bar: STUB },
  'a bar of heavy metal': { turns: 300, jaws: null, bar: { ...BAR, length: 40, stuff: 'heavy metal' } },
  'work in the chuck': { turns: 600, jaws: 3, work: WORK },
  'work on a centre': { turns: 600, jaws: 3, work: { ...WORK, held: 'one end and a centre' } },
  'bar and work alike': { turns: 250, jaws: 3, bar: { ...BAR, length: 100 }, work: { ...WORK, length: 150 } },
  'gears in mesh': { turns: 90, jaws: 4, teeth: [20, 60, 127] },
  'between centres, nothing told': { turns: 500, jaws: null },
  'two jaws': { turns: 500, jaws: 2 },
};
const PITCHES = [7, 10, 14, 21, 30, 90, 190, 420, 800, 1150, 1400, 1800, 3600];
const HEARD: Page = Object.entries(SETUPS).flatMap(([what, setup]): Page =>
  PITCHES.map((hz) => [
    `${what}: ${hz} Hz`,
    () => {
      const { fits, waves, said, check } = hearPitch({ hz }, setup);
      return {
        waves,
        said,
        check,
        fits: fits.map(({ todo, ...fit }, i) => (i === 0 ? { ...fit, todo } : fit)),
      };
    },
  ]),
);
const NARROWLY: Page = [
  ['a pitch that is known well', () => hearPitch({ hz: 21.4, u: 0.05 }, { turns: 420, jaws: 3 })],
  ['the same, told by ear', () => hearPitch({ hz: 21.4 }, { turns: 420, jaws: 3 })],
  [
    'a pitch a little over its bar’s',
    () => hearPitch({ hz: 2050, u: 1 }, { turns: 420, jaws: null, bar: BAR }),
  ],
  ['a pitch of nothing', () => hearPitch({ hz: 0 }, { turns: 420, jaws: 3 })],
  ['a spindle that stands', () => hearPitch({ hz: 400 }, { turns: 0, jaws: 3 })],
];

const MARKS: Page = [
  ['waves counted', () => pitchOfMarks({ waves: 105 }, 420)],
  ['waves measured', () => pitchOfMarks({ spacing: 1.2, diameter: 40 }, 420)],
  ['a wave as long as once round', () => pitchOfMarks({ spacing: Math.PI * 40, diameter: 40 }, 420)],
  ['a wave longer than that', () => pitchOfMarks({ spacing: 126, diameter: 40 }, 420)],
  ['no wave', () => pitchOfMarks({ waves: 0 }, 420)],
];

const RATE = 8000;
/** A cut's own noise with steady notes in it. */
const sound = (
  count: number,
  notes: readonly (readonly [hz: number, loud: number])[],
  noise = 0.02,
  rate = RATE,
) => {
  const draw = drawsOf(5);
  return Float32Array.from({ length: count }, (_, i) =>
    notes.reduce(
      (sum, [hz, loud]) => sum + loud * Math.sin((2 * Math.PI * hz * i) / rate),
      noise * (draw() + draw() - 1),
    ),
  );
};
const SOUNDS: Readonly<Record<string, () => Float32Array>> = {
  'nothing but its own noise': () => sound(8192, []),
  silence: () => new Float32Array(4096),
  'one note': () => sound(8192, [[720, 1]]),
  'one note, a short piece': () => sound(1024, [[720, 1]]),
  'one note, a long piece': () => sound(40_000, [[720, 1]]),
  'one note between two places': () => sound(8192, [[723.3, 1]]),
  'a note and its doubles': () =>
    sound(8192, [
      [410, 1],
      [820, 0.5],
      [1230, 0.25],
    ]),
  'two notes side by side': () =>
    sound(16_384, [
      [700, 1],
      [703, 0.6],
    ]),
  'two notes a little apart': () =>
    sound(16_384, [
      [700, 1],
      [740, 0.6],
    ]),
  'a note that is hardly heard': () => sound(16_384, [[900, 0.004]]),
  'a rumble and a whistle': () =>
    sound(16_384, [
      [12, 3],
      [3900, 0.2],
    ]),
  'eight notes': () =>
    sound(
      16_384,
      [200, 350, 500, 800, 1100, 1700, 2300, 3100].map((hz, i) => [hz, 1 - i / 10]),
    ),
};
const SPECTRA: Page = [
  ...Object.entries(SOUNDS).map(([what, make]): Page[number] => [
    `heard: ${what}`,
    () => {
      const { lines, drawn } = spectrumOf(make(), RATE);
      const loudest = drawn.reduce((a, b) => (b.level > a.level ? b : a));
      return { lines, drawn: drawn.length, from: drawn[0], to: drawn.at(-1), loudest };
    },
  ]),
  ['heard at another rate', () => spectrumOf(sound(16_384, [[720, 1]], 0.02, 44_100), 44_100).lines],
  ['too short', () => spectrumOf(new Float32Array(1023), RATE)],
  ['at no rate', () => spectrumOf(new Float32Array(4096), 0)],
];

/** Chatter: what a note comes from, told by its pitch, by its marks and by what is heard of it. */
export const SOUNDS_PAGE: Page = [...BEAMS, ...NO_BEAMS, ...HEARD, ...NARROWLY, ...MARKS, ...SPECTRA];
