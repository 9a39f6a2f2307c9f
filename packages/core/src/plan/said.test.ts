import { describe, expect, it } from 'vitest';
import { plainText, type Phrase } from '../figure/phrase';
import { walk } from './check/walk';
import { kindOfOperation } from './operations/registry';
import type { PlanPart } from './piece/line';
import { planPart } from './propose/planPart';
import { WHOLE } from './wholeParts.testdata';
const said = (phrase: Phrase): string => plainText(phrase).replaceAll('\u00a0', ' ');
const isPhrase = (v: unknown[]): v is string[] =>
  v.length > 0 &&
  v.every((x) => typeof x === 'string' || (typeof x === 'object' && x !== null && 'quantity' in x));
/** As it is read: figures as text, numbers to a tenth of a micrometre. */
function plain(value: unknown): unknown {
  if (Array.isArray(value)) return isPhrase(value) ? said(value) : value.map(plain);
  if (typeof value === 'number') return Math.round(value * 1e4) / 1e4;
  if (typeof value !== 'object' || value === null) return value;
  if ('quantity' in value) return said([value as never]);
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, plain(one)]));
}
/** Every operation of a part's line of work, in order, as it is said and laid out at the machine. */
function worked(part: PlanPart): unknown[] {
  const { holdings } = planPart(part);
  return walk(part, holdings).held.flatMap(({ holding, steps }) =>
    steps.flatMap(({ moment, sections }) => {
      const kind = kindOfOperation(moment.operation.kind);
      const { laid } = moment.piece;
      return (kind.on === 'features' ? sections : [null]).map((section) => ({
        line: said(kind.say(laid, section, moment)),
        tools: kind.tools(laid, section, moment).map(said).join('; '),
        minutes: plain([kind.minutes(laid, section, holding.by), kind.setUp(laid, section, holding.by)]),
        card: plain(kind.card(laid, section, moment)),
      }));
    }),
  );
}

/** Figures checked by hand against the drawing, the drills owned and ISO 2768-m. */
const EXPECTED: Readonly<Record<keyof typeof WHOLE, unknown[]>> = {
  spindle: [
    {
      line: 'Face the headstock end clean; lengths are measured from it',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [{ label: 'Face off, about', figure: '1.00 mm' }],
        measures: [],
        notes: [
          'Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
        ],
      },
    },
    {
      line: 'Turn ⌀40.00 mm over 30.0 mm, 239 a minute',
      tools: 'Turning tool; Micrometer 25 mm to 50 mm',
      minutes: [3.75, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 42,
        least: 39.7,
        most: 40.3,
        finish: null,
        along: 30,
        toEnd: 30,
      },
    },
    {
      line: 'Turn ⌀20.00 mm over 22.0 mm, 477 a minute',
      tools: 'Turning tool; Micrometer 0 mm to 25 mm',
      minutes: [7.4, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 42,
        least: 19.623,
        most: 19.958,
        finish: null,
        along: 22,
        toEnd: 116,
      },
    },
    {
      line: 'Groove ⌀30.00 mm over 4.0 mm, 30.00 mm from the face, 127 a minute',
      tools: 'Grooving tool, no wider than 4.00 mm',
      minutes: [5.3333, 0],
      card: {
        kind: 'place',
        near: 30,
        far: 34,
        from: 40,
        bottom: 30,
        through: false,
        measures: [
          { what: 'Relief, diameter', least: 29.8, most: 30.2 },
          { what: 'Relief, width', least: 3.9, most: 4.1 },
          { what: 'Relief, from the face', least: 29.8, most: 30.2 },
        ],
      },
    },
    {
      line: 'Chamfer 1.50 mm × 45° of Head at the face',
      tools: 'Chamfering tool',
      minutes: [2, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Along the axis', figure: '1.50 mm' },
          { label: 'Angle to the axis', figure: '45°00′00″' },
          { label: 'Diameter it leaves at the face', figure: '37.00 mm' },
          { label: 'From the face', figure: '0.00 mm' },
        ],
        measures: [{ what: 'Edge, along', least: 1.3, most: 1.7 }],
        notes: [],
      },
    },
    {
      line: 'Round the corner R2.00 mm of Head, 28.00 mm from the face',
      tools: 'Radius tool, or a file and a template',
      minutes: [2, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Radius', figure: '2.00 mm' },
          { label: 'From the face', figure: '28.00 mm' },
        ],
        measures: [],
        notes: [],
      },
    },
    {
      line: 'Thread M20, 22.0 mm long, pitch 2.50 mm',
      tools: 'Threading tool for M20; Wires or a gauge for it',
      minutes: [17.5, 8],
      card: {
        kind: 'thread',
        thread: { form: 'metric', diameter: 20, pitch: 2.5 },
        title: 'M20',
        side: 'external',
        along: 22,
      },
    },
    {
      line: 'Rough the cone by 10 shoulders, 0.08 mm over it',
      tools: 'Turning tool',
      minutes: [5.25, 0],
      card: {
        kind: 'stairs',
        steps: [
          { diameter: 40.55, along: 30, dial: 1.45 },
          { diameter: 39.05, along: 30, dial: 2.95 },
          { diameter: 37.55, along: 30, dial: 4.45 },
          { diameter: 36.05, along: 29.9149, dial: 5.95 },
          { diameter: 34.55, along: 25.6615, dial: 7.45 },
          { diameter: 33.05, along: 21.408, dial: 8.95 },
          { diameter: 31.55, along: 17.1545, dial: 10.45 },
          { diameter: 30.05, along: 12.9011, dial: 11.95 },
          { diameter: 28.55, along: 8.6476, dial: 13.45 },
          { diameter: 27.05, along: 4.3942, dial: 14.95 },
        ],
        from: 42,
      },
    },
    {
      line: 'Turn Knob by its steps, then to the line, 20.0 mm long',
      tools: 'Round-nosed tool; Template; File with a handle, cloth in strips',
      minutes: [25, 0],
      card: { kind: 'shape' },
    },
    {
      line: 'Cut Cone, 10°00′00″ a side, ⌀36.00 mm to 25.42 mm over 30.0 mm, by compound',
      tools: 'Turning tool, sharp, small nose; Indicator on its stand; Its mate or gauge, and blue',
      minutes: [30, 20],
      card: { kind: 'shape' },
    },
    {
      line: 'Part off 117.0 mm from the face to the near side of the tool, 120.0 mm to its far side, 91 a minute',
      tools: 'Parting tool, 3.0 mm wide',
      minutes: [6, 0],
      card: { kind: 'place', near: 117, far: 120, from: 42, bottom: 0, through: true, measures: [] },
    },
    {
      line: 'Face the tailstock end to 116.00 mm over all',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Length over all', figure: '116.00 mm' },
          { label: 'Still to face off, by the drawing', figure: '1.00 mm' },
        ],
        measures: [{ what: 'Length over all', least: 115.7, most: 116.3 }],
        notes: [],
      },
    },
    {
      line: 'Centre the tailstock end, to stay: pilot 2.83 mm, mouth 6.00 mm across, 1592 a minute',
      tools: 'Centre drill, pilot 2.83 mm',
      minutes: [2, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Mouth, across', figure: '6.00 mm' },
          { label: 'Pilot', figure: '2.83 mm' },
        ],
        measures: [{ what: 'Mouth, across', least: 5.5, most: 6.5 }],
        notes: [],
      },
    },
    {
      line: 'Set Throw over by 1.50 mm, needle swing 3.00 mm, and cut ⌀20.00 mm, 249 a minute',
      tools: 'Indicator with travel enough for the swing; Balance weights, or slow',
      minutes: [25, 10],
      card: { kind: 'shape' },
    },
    {
      line: 'Mill 6 flats 34.00 mm across, 12.0 mm long, 0.00 mm from the headstock face, 3.00 mm deep each',
      tools: 'Vee blocks and clamps; End mill or side cutter',
      minutes: [16, 15],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Depth of each, from the outside', figure: '3.00 mm' },
          { label: 'Across the flats', figure: '34.00 mm' },
          { label: 'Length', figure: '12.00 mm' },
          { label: 'From the headstock face', figure: '0.00 mm' },
          { label: 'Turned on after each, degrees', figure: '60' },
        ],
        measures: [
          { what: 'Flats, across', least: 33.7, most: 34.3 },
          { what: 'Flats, length', least: 11.8, most: 12.2 },
        ],
        notes: ['Half first, measured, then the rest: what is over on one side is taken off it alone.'],
      },
    },
    {
      line: 'Drill across ⌀5.00 mm through, 22.00 mm from the headstock face, 1910 a minute',
      tools: 'Centre punch, vee block, clamp; Drill 5.0 mm',
      minutes: [8, 8],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Drill', figure: '5.00 mm' },
          { label: 'Middle, from the headstock face', figure: '22.00 mm' },
          { label: 'Through', figure: '40.00 mm' },
        ],
        measures: [
          { what: 'Pin hole, diameter', least: 4.9, most: 5.1 },
          { what: 'Pin hole, middle from the face', least: 21.8, most: 22.2 },
        ],
        notes: ['Its burr comes off inside and out.'],
      },
    },
    {
      line: 'Harden and temper to 58.0 HRC, and clean; what is to fit is ground or lapped after',
      tools: '',
      minutes: [90, 0],
      card: {
        kind: 'figures',
        figures: [{ label: 'Hardness, HRC', figure: '58.0' }],
        measures: [{ what: 'Hardness, HRC', least: 56, most: 60 }],
        notes: [
          'Heat, soak, quench and temper as the steel’s maker says; the figures are the steel’s, not the shop’s.',
          'It grows and moves: a taper is tried in its gauge again, and ground or lapped where it no longer fits.',
        ],
      },
    },
    {
      line: 'Break the edges, clean, and oil it',
      tools: 'Fine file, cloth in strips, oil',
      minutes: [5, 0],
      card: { kind: 'figures', figures: [], measures: [], notes: [] },
    },
    {
      line: 'Measure it at its stations and keep the figures',
      tools: 'Micrometers, gauges, and a cloth',
      minutes: [10, 0],
      card: {
        kind: 'figures',
        figures: [],
        measures: [
          { what: 'Length over all', least: 115.7, most: 116.3 },
          { what: 'Head, diameter', least: 39.7, most: 40.3 },
          { what: 'Relief, diameter', least: 29.8, most: 30.2 },
          { what: 'Flats, across', least: 33.7, most: 34.3 },
        ],
        notes: [],
      },
    },
  ],
  sleeve: [
    {
      line: 'Face the headstock end clean; lengths are measured from it',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [{ label: 'Face off, about', figure: '2.00 mm' }],
        measures: [],
        notes: [
          'Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
        ],
      },
    },
    {
      line: 'Drill 8.50 mm, 18.0 mm deep, 1123 a minute',
      tools: 'Centre drill; Drill 8.5 mm',
      minutes: [2.8, 0],
      card: { kind: 'hole', diameter: 8.5, depth: 18, point: 2.5537, pilot: null, pecks: [18] },
    },
    {
      line: 'Counterbore 10.5 mm, 1.5 mm deep, so that a bruised mouth never reaches the first thread',
      tools: 'Counterbore or boring tool, 10.5 mm',
      minutes: [2, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Counterbore, diameter', figure: '10.50 mm' },
          { label: 'Depth', figure: '1.50 mm' },
        ],
        measures: [],
        notes: [],
      },
    },
    {
      line: 'Tap M10, 12.0 mm of full thread, from a hole of 8.50 mm',
      tools: 'Taps M10, and their holder',
      minutes: [5, 0],
      card: {
        kind: 'thread',
        thread: { form: 'metric', diameter: 10, pitch: 1.5 },
        title: 'M10',
        side: 'internal',
        along: 12,
      },
    },
    {
      line: 'Face the tailstock end to 60.00 mm over all',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Length over all', figure: '60.00 mm' },
          { label: 'Still to face off, by the drawing', figure: '2.00 mm' },
        ],
        measures: [{ what: 'Length over all', least: 59.7, most: 60.3 }],
        notes: [],
      },
    },
    {
      line: 'Drill 15.70 mm, 45.0 mm deep, 608 a minute, pilot 6.0 mm',
      tools: 'Centre drill; Drill 6.0 mm; Drill 15.7 mm',
      minutes: [5, 0],
      card: { kind: 'hole', diameter: 15.7, depth: 45, point: 4.7168, pilot: 6, pecks: [45] },
    },
    {
      line: 'Drill 25.00 mm, 35.0 mm deep, 382 a minute',
      tools: 'Drill 25.0 mm',
      minutes: [4.3333, 0],
      card: { kind: 'hole', diameter: 25, depth: 35, point: 7.5108, pilot: null, pecks: [35] },
    },
    {
      line: 'Bore ⌀26.00 mm, 35.0 mm deep, 294 a minute',
      tools: 'Boring bar that goes in 25.0 mm, 35 mm deep; Bore gauge or telescopic gauge for 26.0 mm',
      minutes: [9.375, 0],
      card: {
        kind: 'diameter',
        member: 'internal',
        from: 25,
        least: 26,
        most: 26.021,
        finish: null,
        along: 15,
        toEnd: 35,
      },
    },
    {
      line: 'Ream ⌀16.00 mm, 45.0 mm deep',
      tools: 'Reamer 16.00 mm',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Reamer', figure: '16.00 mm' },
          { label: 'Depth', figure: '45.00 mm' },
        ],
        measures: [{ what: 'Reamed, diameter', least: 16, most: 16.018 }],
        notes: [],
      },
    },
    {
      line: 'Cut Socket, 4°00′00″ a side, ⌀34.00 mm to 31.20 mm over 20.0 mm, by compound',
      tools: 'Boring tool, sharp; Indicator on its stand; Its mate or gauge, and blue',
      minutes: [30, 20],
      card: { kind: 'shape' },
    },
    {
      line: 'Turn ⌀60.00 mm over 60.0 mm, 159 a minute',
      tools: 'Turning tool; Micrometer 50 mm to 75 mm',
      minutes: [4.5, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 62,
        least: 59.7,
        most: 60.3,
        finish: null,
        along: 60,
        toEnd: 60,
      },
    },
    {
      line: 'Break the edges, clean, and oil it',
      tools: 'Fine file, cloth in strips, oil',
      minutes: [5, 0],
      card: { kind: 'figures', figures: [], measures: [], notes: [] },
    },
    {
      line: 'Measure it at its stations and keep the figures',
      tools: 'Micrometers, gauges, and a cloth',
      minutes: [10, 0],
      card: {
        kind: 'figures',
        figures: [],
        measures: [
          { what: 'Length over all', least: 59.7, most: 60.3 },
          { what: 'Out, diameter', least: 59.7, most: 60.3 },
          { what: 'Bore, diameter', least: 26, most: 26.021 },
          { what: 'Reamed, diameter', least: 16, most: 16.018 },
        ],
        notes: [],
      },
    },
  ],
  shaft: [
    {
      line: 'Face the tailstock end clean; lengths are measured from it',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [{ label: 'Face off, about', figure: '2.00 mm' }],
        measures: [],
        notes: [
          'Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
        ],
      },
    },
    {
      line: 'Centre the tailstock end, 5.00 mm drill, 1910 a minute',
      tools: 'Centre drill, body 5.00 mm',
      minutes: [2, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Centre drill, body', figure: '5.00 mm' },
          { label: 'Mouth, about', figure: '4.00 mm' },
        ],
        measures: [],
        notes: [],
      },
    },
    {
      line: 'Face the headstock end to 220.00 mm over all',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Length over all', figure: '220.00 mm' },
          { label: 'Still to face off, by the drawing', figure: '2.00 mm' },
        ],
        measures: [{ what: 'Length over all', least: 219.5, most: 220.5 }],
        notes: [],
      },
    },
    {
      line: 'Centre the headstock end, 6.30 mm drill, 1516 a minute',
      tools: 'Centre drill, body 6.30 mm',
      minutes: [2, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Centre drill, body', figure: '6.30 mm' },
          { label: 'Mouth, about', figure: '5.04 mm' },
        ],
        measures: [],
        notes: [],
      },
    },
    {
      line: 'Turn ⌀18.00 mm over 60.0 mm, 531 a minute',
      tools: 'Turning tool; Micrometer 0 mm to 25 mm',
      minutes: [4.5, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 20,
        least: 17.8,
        most: 18.2,
        finish: null,
        along: 60,
        toEnd: 60,
      },
    },
    {
      line: 'Turn ⌀15.00 mm over 40.0 mm, 637 a minute',
      tools: 'Turning tool; Micrometer 0 mm to 25 mm',
      minutes: [5, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 20,
        least: 14.8,
        most: 15.2,
        finish: null,
        along: 40,
        toEnd: 40,
      },
    },
    {
      line: 'Rough the cone by 2 shoulders, 0.08 mm over it',
      tools: 'Turning tool',
      minutes: [6, 0],
      card: {
        kind: 'stairs',
        steps: [
          { diameter: 18.7, along: 120, dial: 1.3 },
          { diameter: 17.35, along: 78.1751, dial: 2.65 },
        ],
        from: 20,
      },
    },
    {
      line: 'Cut Slope, 30′00″ a side, ⌀18.00 mm to 15.91 mm over 120.0 mm, by tailstock; then bring the tailstock back and prove it with a test bar',
      tools: 'Turning tool, sharp, small nose; Indicator on its stand; Its mate or gauge, and blue',
      minutes: [30, 35],
      card: { kind: 'shape' },
    },
    {
      line: 'Break the edges, clean, and oil it',
      tools: 'Fine file, cloth in strips, oil',
      minutes: [5, 0],
      card: { kind: 'figures', figures: [], measures: [], notes: [] },
    },
    {
      line: 'Measure it at its stations and keep the figures',
      tools: 'Micrometers, gauges, and a cloth',
      minutes: [10, 0],
      card: {
        kind: 'figures',
        figures: [],
        measures: [
          { what: 'Length over all', least: 219.5, most: 220.5 },
          { what: 'Journal, diameter', least: 17.8, most: 18.2 },
          { what: 'End, diameter', least: 14.8, most: 15.2 },
        ],
        notes: [],
      },
    },
  ],
  holder: [
    {
      line: 'Face the headstock end clean; lengths are measured from it',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [{ label: 'Face off, about', figure: '2.00 mm' }],
        measures: [],
        notes: [
          'Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
        ],
      },
    },
    {
      line: 'Turn ⌀50.00 mm over 50.0 mm, 191 a minute',
      tools: 'Turning tool; Micrometer 50 mm to 75 mm',
      minutes: [4.25, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 52,
        least: 49.7,
        most: 50.3,
        finish: null,
        along: 50,
        toEnd: 50,
      },
    },
    {
      line: 'Plunge Bead with its form tool, ⌀40.00 mm over 4.0 mm, 87 a minute',
      tools: 'Form tool for Bead',
      minutes: [10, 6],
      card: { kind: 'shape' },
    },
    {
      line: 'Face the tailstock end to 74.00 mm over all',
      tools: 'Facing tool; Caliper or depth gauge',
      minutes: [3, 0],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Length over all', figure: '74.00 mm' },
          { label: 'Still to face off, by the drawing', figure: '2.00 mm' },
        ],
        measures: [{ what: 'Length over all', least: 73.7, most: 74.3 }],
        notes: [],
      },
    },
    {
      line: 'Drill 12.00 mm, 50.0 mm deep, 796 a minute, drawn back every 12 mm',
      tools: 'Centre drill; Drill 12.0 mm',
      minutes: [5.3333, 0],
      card: { kind: 'hole', diameter: 12, depth: 50, point: 3.6052, pilot: null, pecks: [36, 48, 50] },
    },
    {
      line: 'Drill 25.00 mm, 20.0 mm deep, 382 a minute',
      tools: 'Drill 25.0 mm',
      minutes: [3.3333, 0],
      card: { kind: 'hole', diameter: 25, depth: 20, point: 7.5108, pilot: null, pecks: [20] },
    },
    {
      line: 'Bore ⌀28.54 mm, 20.0 mm deep, 268 a minute',
      tools: 'Boring bar that goes in 25.0 mm, 20 mm deep; Bore gauge or telescopic gauge for 28.5 mm',
      minutes: [7.5, 0],
      card: {
        kind: 'diameter',
        member: 'internal',
        from: 25,
        least: 28.3762,
        most: 28.6762,
        finish: null,
        along: 20,
        toEnd: 20,
      },
    },
    {
      line: 'Turn ⌀40.00 mm over 20.0 mm, 239 a minute',
      tools: 'Turning tool; Micrometer 25 mm to 50 mm',
      minutes: [5, 0],
      card: {
        kind: 'diameter',
        member: 'external',
        from: 52,
        least: 39.7,
        most: 40.3,
        finish: null,
        along: 20,
        toEnd: 20,
      },
    },
    {
      line: 'Thread M30x1.5, 20.0 mm long, pitch 1.50 mm',
      tools: 'Threading tool for M30x1.5; Wires or a gauge for it',
      minutes: [17, 8],
      card: {
        kind: 'thread',
        thread: { form: 'metric', diameter: 30, pitch: 1.5 },
        title: 'M30x1.5',
        side: 'internal',
        along: 20,
      },
    },
    {
      line: 'Mill the tang 20.00 mm thick, 15.0 mm long, 0.00 mm from the headstock face, 15.00 mm deep each',
      tools: 'Vee blocks and clamps; Side cutter or end mill for the tang',
      minutes: [8, 15],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Depth of each, from the outside', figure: '15.00 mm' },
          { label: 'Thickness', figure: '20.00 mm' },
          { label: 'Length', figure: '15.00 mm' },
          { label: 'From the headstock face', figure: '0.00 mm' },
          { label: 'Turned on after each, degrees', figure: '180' },
          { label: 'Cutter, radius', figure: '6.00 mm' },
        ],
        measures: [
          { what: 'Tang, thickness', least: 19.8, most: 20.2 },
          { what: 'Tang, length', least: 14.8, most: 15.2 },
        ],
        notes: ['Half first, measured, then the rest: what is over on one side is taken off it alone.'],
      },
    },
    {
      line: 'Drill across ⌀5.03 mm, 10.0 mm deep, 40.00 mm from the tailstock face, 1900 a minute, and tap M6',
      tools: 'Centre punch, vee block, clamp; Drill 5.0 mm',
      minutes: [8, 8],
      card: {
        kind: 'figures',
        figures: [
          { label: 'Drill, for M6', figure: '5.03 mm' },
          { label: 'Middle, from the tailstock face', figure: '40.00 mm' },
          { label: 'Depth', figure: '10.00 mm' },
        ],
        measures: [{ what: 'Screw hole, middle from the face', least: 39.7, most: 40.3 }],
        notes: ['Its burr comes off inside and out.'],
      },
    },
    {
      line: 'Break the edges, clean, and oil it',
      tools: 'Fine file, cloth in strips, oil',
      minutes: [5, 0],
      card: { kind: 'figures', figures: [], measures: [], notes: [] },
    },
    {
      line: 'Measure it at its stations and keep the figures',
      tools: 'Micrometers, gauges, and a cloth',
      minutes: [10, 0],
      card: {
        kind: 'figures',
        figures: [],
        measures: [
          { what: 'Length over all', least: 73.7, most: 74.3 },
          { what: 'Body, diameter', least: 49.7, most: 50.3 },
          { what: 'Nose, diameter', least: 39.7, most: 40.3 },
          { what: 'Through, diameter', least: 11.8, most: 12.2 },
          { what: 'Tang, thickness', least: 19.8, most: 20.2 },
        ],
        notes: [],
      },
    },
  ],
};

describe('a line of work as it is read at the machine', () => {
  it.each(Object.keys(WHOLE) as (keyof typeof WHOLE)[])('%s', (name) => {
    expect(worked(WHOLE[name])).toEqual(EXPECTED[name]);
  });
});
