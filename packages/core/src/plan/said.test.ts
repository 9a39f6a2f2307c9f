import { describe, expect, it } from 'vitest';
import type { Figure } from '../figure/figure';
import { plainText, type Phrase } from '../figure/phrase';
import { walk } from './check/walk';
import type { Card } from './operations/card';
import { kindOfOperation } from './operations/registry';
import type { PlanPart } from './piece/line';
import { planPart } from './propose/planPart';
import { WHOLE } from './wholeParts.testdata';

const said = (phrase: Phrase): string => plainText(phrase).replaceAll('\u00a0', ' ');
const figure = (one: Figure): string => said([one]);
/** To a tenth of a micrometre. */
const number = (value: number): string => String(Math.round(value * 1e4) / 1e4);

/** All that stands on a card, in one line. */
function onCard(card: Card): string {
  if (card.kind === 'figures')
    return [
      ...card.figures.map((one) => `${one.label} ${figure(one.figure)}`),
      ...card.measures.map(({ what, least, most }) => `${what} ${number(least)} to ${number(most)}`),
      ...card.notes.map(said),
    ].join(' | ');
  const { kind, ...more } = card;
  return `${kind} ${JSON.stringify(more, (_, v) => (typeof v === 'number' ? Number(number(v)) : v)).replaceAll('"', '')}`;
}

/** Every operation of a part's line of work, in order: its line, its card, what is laid out for it, and minutes with those to set. */
function worked(part: PlanPart): string[][] {
  return walk(part, planPart(part).holdings).held.flatMap(({ holding, steps }) =>
    steps.flatMap(({ moment, sections }) => {
      const kind = kindOfOperation(moment.operation.kind);
      const { laid } = moment.piece;
      return (kind.on === 'features' ? sections : [null]).map((section) => [
        said(kind.say(laid, section, moment)),
        onCard(kind.card(laid, section, moment)),
        kind.tools(laid, section, moment).map(said).join('; '),
        [kind.minutes(laid, section, moment), kind.setUp(laid, section, holding.by)].map(number).join(' + '),
      ]);
    }),
  );
}

/** Figures checked by hand against the drawing, the drills owned and ISO 2768-m. */
const EXPECTED: Readonly<Record<keyof typeof WHOLE, string[][]>> = {
  spindle: [
    [
      'Face the headstock end clean; lengths are measured from it',
      'Face off, about 1.00 mm | Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Turn ⌀40.00 mm over 30.0 mm, 239 a minute',
      'diameter {member:external,from:42,least:39.7,most:40.3,finish:null,along:30,toEnd:30}',
      'Turning tool; Micrometer 25 mm to 50 mm',
      '3.75 + 0',
    ],
    [
      'Chamfer 1.50 mm × 45° of Head at the face',
      'Along the axis 1.50 mm | Angle to the axis 45°00′00″ | Diameter it leaves at the face 37.00 mm | From the face 0.00 mm | Edge, along 1.3 to 1.7',
      'Chamfering tool',
      '2 + 0',
    ],
    [
      'Turn Knob by its steps, then to the line, 20.0 mm long',
      'shape {}',
      'Round-nosed tool; Template; File with a handle, cloth in strips',
      '25 + 0',
    ],
    [
      'Set Throw over by 1.50 mm, needle swing 3.00 mm, and cut ⌀20.00 mm, 249 a minute',
      'shape {}',
      'Indicator with travel enough for the swing; Balance weights, or slow',
      '25 + 10',
    ],
    [
      'Part off 117.0 mm from the face to the near side of the tool, 120.0 mm to its far side, 91 a minute',
      'place {near:117,far:120,from:42,bottom:0,through:true,measures:[]}',
      'Parting tool, 3.0 mm wide',
      '6 + 0',
    ],
    [
      'Face the tailstock end to 116.00 mm over all',
      'Length over all 116.00 mm | Still to face off, by the drawing 1.00 mm | Length over all 115.7 to 116.3',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Centre the tailstock end, to stay: pilot 3.15 mm, mouth 6.00 mm across, 1592 a minute',
      'Mouth, across 6.00 mm | Pilot 3.15 mm | Mouth, across 5.5 to 6.5',
      'Centre drill, pilot 3.15 mm',
      '2 + 0',
    ],
    [
      'Turn ⌀20.00 mm over 22.0 mm, 477 a minute',
      'diameter {member:external,from:42,least:19.623,most:19.958,finish:null,along:22,toEnd:22}',
      'Turning tool; Micrometer 0 mm to 25 mm',
      '7.4 + 0',
    ],
    [
      'Groove ⌀30.00 mm over 4.0 mm, 82.00 mm from the face, 127 a minute',
      'place {near:82,far:86,from:40,bottom:30,through:false,measures:[{what:Relief, diameter,least:29.8,most:30.2},{what:Relief, width,least:3.9,most:4.1},{what:Relief, from the face,least:81.7,most:82.3}]}',
      'Grooving tool, no wider than 4.00 mm',
      '5.3333 + 0',
    ],
    [
      'Round the corner R2.00 mm of Head, 86.00 mm from the face',
      'Radius 2.00 mm | From the face 86.00 mm',
      'Radius tool, or a file and a template',
      '2 + 0',
    ],
    [
      'Thread M20, 22.0 mm long, pitch 2.50 mm',
      'thread {thread:{form:metric,diameter:20,pitch:2.5},title:M20,side:external,along:22}',
      'Threading tool for M20; Wires or a gauge for it',
      '17.5 + 8',
    ],
    [
      'Rough the cone by 10 shoulders, 0.08 mm over it',
      'stairs {steps:[{diameter:40.55,along:30,dial:1.45},{diameter:39.05,along:30,dial:2.95},{diameter:37.55,along:30,dial:4.45},{diameter:36.05,along:29.9149,dial:5.95},{diameter:34.55,along:25.6615,dial:7.45},{diameter:33.05,along:21.408,dial:8.95},{diameter:31.55,along:17.1545,dial:10.45},{diameter:30.05,along:12.9011,dial:11.95},{diameter:28.55,along:8.6476,dial:13.45},{diameter:27.05,along:4.3942,dial:14.95}],from:42}',
      'Turning tool',
      '8.252 + 0',
    ],
    [
      'Cut Cone, 10°00′00″ a side, ⌀36.00 mm to 25.42 mm over 30.0 mm, by compound',
      'shape {}',
      'Turning tool, sharp, small nose; Indicator on its stand; Its mate or gauge, and blue',
      '30 + 20',
    ],
    [
      'Mill 6 flats 34.00 mm across, 12.0 mm long, right to the headstock face, 3.00 mm deep each',
      'Depth of each, from the outside 3.00 mm | Across the flats 34.00 mm | Length 12.00 mm | From the headstock face 0.00 mm | Turned on after each, degrees 60 | Flats, across 33.7 to 34.3 | Flats, length 11.8 to 12.2 | Half first, measured, then the rest: what is over on one side is taken off it alone.',
      'Vee blocks and clamps; End mill or side cutter',
      '16 + 15',
    ],
    [
      'Drill across ⌀5.00 mm through, 22.00 mm from the headstock face, 1910 a minute',
      'Drill 5.00 mm | Middle, from the headstock face 22.00 mm | Through 40.00 mm | Pin hole, diameter 4.9 to 5.1 | Pin hole, middle from the face 21.8 to 22.2 | Its burr comes off inside and out.',
      'Centre punch, vee block, clamp; Drill 5.0 mm',
      '8 + 8',
    ],
    ['Break the edges, clean, and oil it', '', 'Fine file, cloth in strips, oil', '5 + 0'],
    [
      'Harden and temper to 58.0 HRC, and clean; what is to fit is ground or lapped after',
      'Hardness, HRC 58.0 | Hardness, HRC 56 to 60 | Heat, soak, quench and temper as the steel’s maker says; the figures are the steel’s, not the shop’s. | It grows and moves: a taper is tried in its gauge again, and ground or lapped where it no longer fits.',
      '',
      '90 + 0',
    ],
    [
      'Measure it at its stations and keep the figures',
      'Length over all 115.7 to 116.3 | Head, diameter 39.7 to 40.3 | Relief, diameter 29.8 to 30.2 | Flats, across 33.7 to 34.3',
      'Micrometers, gauges, and a cloth',
      '10 + 0',
    ],
  ],
  sleeve: [
    [
      'Face the headstock end clean; lengths are measured from it',
      'Face off, about 2.00 mm | Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Drill 8.50 mm, 18.0 mm deep, 1123 a minute',
      'hole {diameter:8.5,depth:18,point:2.5537,pilot:null,pecks:[18]}',
      'Centre drill; Drill 8.5 mm',
      '2.8 + 0',
    ],
    [
      'Counterbore 10.5 mm, 1.5 mm deep, so that a bruised mouth never reaches the first thread',
      'Counterbore, diameter 10.50 mm | Depth 1.50 mm',
      'Counterbore or boring tool, 10.5 mm',
      '2 + 0',
    ],
    [
      'Tap M10, 12.0 mm of full thread, from a hole of 8.50 mm',
      'thread {thread:{form:metric,diameter:10,pitch:1.5},title:M10,side:internal,along:12}',
      'Taps M10, and their holder',
      '5 + 0',
    ],
    [
      'Face the tailstock end to 60.00 mm over all',
      'Length over all 60.00 mm | Still to face off, by the drawing 2.00 mm | Length over all 59.7 to 60.3',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Drill 15.70 mm, 45.0 mm deep, 608 a minute, pilot 6.0 mm',
      'hole {diameter:15.7,depth:45,point:4.7168,pilot:6,pecks:[45]}',
      'Centre drill; Drill 6.0 mm; Drill 15.7 mm',
      '5 + 0',
    ],
    [
      'Drill 25.00 mm, 35.0 mm deep, 382 a minute',
      'hole {diameter:25,depth:35,point:7.5108,pilot:null,pecks:[35]}',
      'Drill 25.0 mm',
      '4.3333 + 0',
    ],
    [
      'Bore ⌀26.00 mm H7 (26.000 to 26.021 mm), 35.0 mm deep, 294 a minute',
      'diameter {member:internal,from:25,least:26,most:26.021,finish:null,along:15,toEnd:35}',
      'Boring bar that goes in 25.0 mm, 35 mm deep; Bore gauge or telescopic gauge for 26.0 mm',
      '9.375 + 0',
    ],
    [
      'Ream ⌀16.00 mm H7 (16.000 to 16.018 mm), 45.0 mm deep',
      'Reamer 16.00 mm | Depth 45.00 mm | Reamed, diameter 16 to 16.018',
      'Reamer 16.00 mm',
      '3 + 0',
    ],
    [
      'Cut Socket, 4°00′00″ a side, ⌀34.00 mm to 31.20 mm over 20.0 mm, by compound',
      'shape {}',
      'Boring tool, sharp; Indicator on its stand; Its mate or gauge, and blue',
      '30 + 20',
    ],
    [
      'Turn ⌀60.00 mm over 60.0 mm, 159 a minute',
      'diameter {member:external,from:62,least:59.7,most:60.3,finish:null,along:60,toEnd:60}',
      'Turning tool; Micrometer 50 mm to 75 mm',
      '4.5 + 0',
    ],
    ['Break the edges, clean, and oil it', '', 'Fine file, cloth in strips, oil', '5 + 0'],
    [
      'Measure it at its stations and keep the figures',
      'Length over all 59.7 to 60.3 | Out, diameter 59.7 to 60.3 | Bore, diameter 26 to 26.021 | Reamed, diameter 16 to 16.018',
      'Micrometers, gauges, and a cloth',
      '10 + 0',
    ],
  ],
  shaft: [
    [
      'Face the tailstock end clean; lengths are measured from it',
      'Face off, about 2.00 mm | Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Centre the tailstock end, 5.00 mm drill, 1910 a minute',
      'Centre drill, body 5.00 mm | Mouth, about 4.00 mm',
      'Centre drill, body 5.00 mm',
      '2 + 0',
    ],
    [
      'Face the headstock end to 220.00 mm over all',
      'Length over all 220.00 mm | Still to face off, by the drawing 2.00 mm | Length over all 219.5 to 220.5',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Centre the headstock end, 6.30 mm drill, 1516 a minute',
      'Centre drill, body 6.30 mm | Mouth, about 5.04 mm',
      'Centre drill, body 6.30 mm',
      '2 + 0',
    ],
    [
      'Turn ⌀18.00 mm over 60.0 mm, 531 a minute',
      'diameter {member:external,from:20,least:17.8,most:18.2,finish:null,along:60,toEnd:60}',
      'Turning tool; Micrometer 0 mm to 25 mm',
      '4.5 + 0',
    ],
    [
      'Turn ⌀15.00 mm over 40.0 mm, 637 a minute',
      'diameter {member:external,from:20,least:14.8,most:15.2,finish:null,along:40,toEnd:40}',
      'Turning tool; Micrometer 0 mm to 25 mm',
      '5 + 0',
    ],
    [
      'Rough the cone by 2 shoulders, 0.08 mm over it',
      'stairs {steps:[{diameter:18.7,along:120,dial:1.3},{diameter:17.35,along:78.1751,dial:2.65}],from:20}',
      'Turning tool',
      '7.9544 + 0',
    ],
    [
      'Cut Slope, 30′00″ a side, ⌀18.00 mm to 15.91 mm over 120.0 mm, by tailstock; then bring the tailstock back and prove it with a test bar',
      'shape {}',
      'Turning tool, sharp, small nose; Indicator on its stand; Its mate or gauge, and blue',
      '30 + 35',
    ],
    ['Break the edges, clean, and oil it', '', 'Fine file, cloth in strips, oil', '5 + 0'],
    [
      'Measure it at its stations and keep the figures',
      'Length over all 219.5 to 220.5 | Journal, diameter 17.8 to 18.2 | End, diameter 14.8 to 15.2',
      'Micrometers, gauges, and a cloth',
      '10 + 0',
    ],
  ],
  holder: [
    [
      'Face the headstock end clean; lengths are measured from it',
      'Face off, about 2.00 mm | Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Turn ⌀50.00 mm over 50.0 mm, 191 a minute',
      'diameter {member:external,from:52,least:49.7,most:50.3,finish:null,along:50,toEnd:50}',
      'Turning tool; Micrometer 50 mm to 75 mm',
      '4.25 + 0',
    ],
    [
      'Plunge Bead with its form tool, ⌀40.00 mm over 4.0 mm, 87 a minute',
      'shape {}',
      'Form tool for Bead',
      '10 + 6',
    ],
    [
      'Face the tailstock end to 74.00 mm over all',
      'Length over all 74.00 mm | Still to face off, by the drawing 2.00 mm | Length over all 73.7 to 74.3',
      'Facing tool; Caliper or depth gauge',
      '3 + 0',
    ],
    [
      'Drill 12.00 mm, 50.0 mm deep, 796 a minute, drawn back every 12 mm',
      'hole {diameter:12,depth:50,point:3.6052,pilot:null,pecks:[36,50]}',
      'Centre drill; Drill 12.0 mm',
      '5.3333 + 0',
    ],
    [
      'Drill 25.00 mm, 20.0 mm deep, 382 a minute',
      'hole {diameter:25,depth:20,point:7.5108,pilot:null,pecks:[20]}',
      'Drill 25.0 mm',
      '3.3333 + 0',
    ],
    [
      'Bore ⌀28.54 mm, 20.0 mm deep, 268 a minute',
      'diameter {member:internal,from:25,least:28.3762,most:28.6762,finish:null,along:20,toEnd:20}',
      'Boring bar that goes in 25.0 mm, 20 mm deep; Bore gauge or telescopic gauge for 28.5 mm',
      '7.5 + 0',
    ],
    [
      'Turn ⌀40.00 mm over 20.0 mm, 239 a minute',
      'diameter {member:external,from:52,least:39.7,most:40.3,finish:null,along:20,toEnd:20}',
      'Turning tool; Micrometer 25 mm to 50 mm',
      '5 + 0',
    ],
    [
      'Thread M30x1.5, 20.0 mm long, pitch 1.50 mm',
      'thread {thread:{form:metric,diameter:30,pitch:1.5},title:M30x1.5,side:internal,along:20}',
      'Threading tool for M30x1.5; Wires or a gauge for it',
      '17 + 8',
    ],
    [
      'Mill the tang 20.00 mm thick, 15.0 mm long, right to the headstock face, 15.00 mm deep each',
      'Depth of each, from the outside 15.00 mm | Thickness 20.00 mm | Length 15.00 mm | From the headstock face 0.00 mm | Turned on after each, degrees 180 | Cutter, radius 6.00 mm | Tang, thickness 19.8 to 20.2 | Tang, length 14.8 to 15.2 | Half first, measured, then the rest: what is over on one side is taken off it alone.',
      'Vee blocks and clamps; Side cutter or end mill for the tang',
      '8 + 15',
    ],
    [
      'Drill across ⌀5.00 mm, 10.0 mm deep, 40.00 mm from the tailstock face, 1910 a minute, and tap M6',
      'Drill, for M6 5.00 mm | Middle, from the tailstock face 40.00 mm | Depth 10.00 mm | Screw hole, middle from the face 39.7 to 40.3 | Its burr comes off inside and out.',
      'Centre punch, vee block, clamp; Drill 5.0 mm',
      '8 + 8',
    ],
    ['Break the edges, clean, and oil it', '', 'Fine file, cloth in strips, oil', '5 + 0'],
    [
      'Measure it at its stations and keep the figures',
      'Length over all 73.7 to 74.3 | Body, diameter 49.7 to 50.3 | Nose, diameter 39.7 to 40.3 | Through, diameter 11.8 to 12.2 | Tang, across 19.8 to 20.2',
      'Micrometers, gauges, and a cloth',
      '10 + 0',
    ],
  ],
};

describe('a line of work as it is read at the machine', () => {
  it.each(Object.keys(WHOLE) as (keyof typeof WHOLE)[])('%s', (name) => {
    expect(worked(WHOLE[name])).toEqual(EXPECTED[name]);
  });
});
