import { eccentricsOf } from './part';

/** Of the demo shop's book press: a hub, a grooved eccentric and a bore through both. */
export const part = eccentricsOf([
  { id: 'h', name: 'Hub', kind: 'cylinder', side: 'external', diameter: 34, length: 16 },
  {
    id: 'e',
    name: 'Eccentric',
    kind: 'eccentric',
    side: 'external',
    diameter: 54,
    length: 18,
    travel: 9.5,
    grooves: [{ width: 4, depth: 3 }],
  },
  { id: 'b', name: 'Bore', kind: 'bore', side: 'internal', diameter: 20, length: 34 },
])[0]!;

export const lathe = {
  name: 'L',
  centreDistance: 500,
  compound: null,
  attachment: null,
  tailstock: null,
  indicator: 0.002,
  swing: 230,
  swingOverSlide: 130,
  dial: { division: 0.0254, reads: 'radius', units: 'inch' },
  chucks: [
    { name: 'Three-jaw', kind: 'three-jaw', capacity: 127 },
    { name: 'Four-jaw', kind: 'four-jaw', capacity: 150 },
  ],
} as const;
