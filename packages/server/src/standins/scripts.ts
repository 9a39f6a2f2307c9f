import { scriptSchema, type Script } from './script';

/**
 * What the stand-ins that ship with Anello play: a carriage that is run to and fro along 80 mm, an indicator on what it runs
 * along, a little off its angle and hollow in the middle, and a micrometer whose key is pressed now and then.
 */
const RUN = 80;
const SECONDS = 16;
const REST = 4;
/** Half the climb that the demo shop's shank has along a millimetre, a trifle steep: 1:20 and 0.4 in a thousand. */
const CLIMB = 0.0254;
const HOLLOW = 0.012;
const PIECES = 40;

const there = (value: (part: number) => number): [number, number][] =>
  Array.from({ length: PIECES + 1 }, (_, i) => [(SECONDS * i) / PIECES, value(i / PIECES)]);
const andBack = (out: [number, number][]): [number, number][] => [
  ...out,
  ...[...out].reverse().map(([t, value]): [number, number] => [2 * SECONDS + REST - t, value]),
  [2 * SECONDS + 2 * REST, (out[0] as [number, number])[1]],
];

/** Of work in a four-jaw, turned by hand and rested at each jaw: off the axis by this, high between jaws 1 and 2. */
const OFF = 0.35;
const HIGH_AT = 0.6;
const TO_JAW = 3;
const AT_JAW = 4;
const spindle = (): [number, number][] =>
  [0, 1, 2, 3].flatMap((jaw) =>
    Array.from({ length: PIECES + 1 }, (_, i): [number, number] => {
      const turned = ((jaw + i / PIECES) * Math.PI) / 2;
      return [jaw * (TO_JAW + AT_JAW) + AT_JAW + (TO_JAW * i) / PIECES, OFF * Math.cos(turned - HIGH_AT)];
    }),
  );

export const SHIPPED: Readonly<Record<string, Script>> = {
  indicator: scriptSchema.parse({
    rate: 30,
    channels: {
      '': {
        path: andBack(there((u) => CLIMB * RUN * u - 4 * HOLLOW * u * (1 - u))),
        again: true,
        noise: 0.0004,
      },
    },
  }),
  spindle: scriptSchema.parse({
    rate: 30,
    channels: { '': { path: spindle(), again: true, noise: 0.0004 } },
  }),
  readout: scriptSchema.parse({
    rate: 20,
    channels: {
      z: { path: andBack(there((u) => RUN * u)), again: true },
      x: { path: [[0, 12.7]] },
    },
  }),
  micrometer: scriptSchema.parse({
    channels: {
      '': {
        path: [
          [6, 17.981],
          [14, 17.979],
          [20, 17.98],
        ],
        again: true,
        pressed: true,
      },
    },
  }),
};
