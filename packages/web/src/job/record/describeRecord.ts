import { angle, length, ratio, type Phrase } from '@anello/core/figure';
import type { KeptRecord } from '@anello/core/job';

const WAYS = {
  compound: 'compound',
  attachment: 'bar',
  tailstock: 'tailstock',
  'copy-master': 'compound, from a master',
  'form-tool': 'wide tool',
  reamer: 'reamer',
} as const;
/** What a reading is of, where it is not a place along a sweep. */
const READ: Readonly<Record<string, string>> = {
  offset: 'Barrel read ',
  trial: 'Diameters differ by ',
  face: 'Slide’s face moved the needle ',
  home: 'Test bar read ',
};
const CONTACTS = {
  large: 'at the large end',
  small: 'at the small end',
  middle: 'in the middle',
  ends: 'at both ends',
  full: 'all along',
  'two-bands': 'in two bands',
  spot: 'in one spot',
  'all-but-large': 'all along but the large end',
  rings: 'in rings',
  speckled: 'in speckles',
} as const;
const SHAPED = {
  drawing: 'Cut by the drawing',
  steps: 'Cut by two-handle steps',
  'form-tool': 'Form tool’s test cut',
} as const;
const MADE = {
  outside: 'Outside turned',
  throw: 'Throw set',
  bore: 'Bored',
  groove: 'Grooves cut',
  screw: 'Set-screw’s hole tapped',
  packing: 'Packing made',
} as const;
const CONES = {
  diameters: 'Measured at two diameters',
  rollers: 'Measured over rollers',
  balls: 'Measured on two balls',
  sweep: 'Swept by indicator',
} as const;
const FEELS = {
  'loose-large': 'Loose at the large end',
  'loose-small': 'Loose at the small end',
  'loose-both': 'Loose at both ends',
  firm: 'No shake',
  sticks: 'Sticks when pushed home',
  'lets-go': 'Does not stick',
  warm: 'Warmer than its gauge',
  'as-cool': 'As cool as its gauge',
} as const;
const SEEN = 0.001;

/** A kept row in a sentence, its figures left as figures. */
export function describeRecord({ body, piece }: KeptRecord): Phrase {
  switch (body.kind) {
    case 'step':
      return ['Card done: ', body.step, ' (', WAYS[body.way], ')'];
    case 'reading':
      return [
        READ[body.step] ?? 'Read ',
        length(body.seen, SEEN),
        ...(READ[body.step] ? [] : [' at ', length(body.at, 0.1)]),
        ', should be ',
        length(body.expected, SEEN),
      ];
    case 'nudge':
      return [
        'Nudged ',
        length(body.amount, SEEN),
        ' ',
        body.direction,
        ': from ',
        angle(body.fromHalfAngle),
        ' toward ',
        angle(body.toHalfAngle),
      ];
    case 'setting-kept':
      return ['Setting kept: ', WAYS[body.way], ' at ', angle(body.halfAngle)];
    case 'pass':
      return [
        'Cut to ',
        length(body.dialTo, SEEN),
        ' on the dial, ',
        length(body.depth, SEEN),
        ' on radius',
        ...(body.planned !== null && Math.abs(body.planned - body.dialTo) > 1e-9
          ? [', planned ', length(body.planned, SEEN)]
          : []),
      ];
    case 'measured':
      return [
        'Measured ',
        length(body.diameter, SEEN),
        ...(body.expected === null ? [] : [', expected ', length(body.expected, SEEN)]),
        ...(body.temperature === undefined ? [] : [` (read at ${body.temperature} °C, brought to 20 °C)`]),
      ];
    case 'held':
      return [
        'Held in the four-jaw: swings ',
        length(body.swing, SEEN),
        body.inside ? ', true enough' : ', more to do',
      ];
    case 'cone':
      return [CONES[body.method], ': ', ratio(body.ratio), ' on diameter'];
    case 'thrown':
      return [
        'Throw stood at ',
        length(body.now, SEEN),
        ', wanted ',
        length(body.wanted, SEEN),
        body.inside ? ': right' : ': more to do',
      ];
    case 'made':
      return [MADE[body.what], ' at a throw of ', length(body.basis.throw, SEEN)];
    case 'travel':
      return [
        'Travel at the ',
        body.station,
        ' end ',
        length(body.seen, SEEN),
        ', should be ',
        length(body.wanted, SEEN),
      ];
    case 'shaped':
      return [SHAPED[body.way], ...(body.said ? [': ', body.said] : [])];
    case 'curve':
      return [
        `Curve measured at ${body.places} places: `,
        length(body.worst, SEEN, { signed: true }),
        ' at the worst, ',
        length(body.at, 0.1),
        ' along',
      ];
    case 'crept':
      return [
        'The drawing had crept ',
        ...(body.along === null ? [] : [length(body.along, 0.01, { signed: true }), ' along, ']),
        length(body.across, 0.01, { signed: true }),
        ' across: ',
        length(body.worst, 0.01, { signed: true }),
        ' on diameter at the worst',
      ];
    case 'joint':
      return [
        `Joint measured at ${body.places} places: gap `,
        length(body.least, SEEN),
        ' to ',
        length(body.most, SEEN),
        ', tightest ',
        length(body.at, 0.1),
        ' along',
      ];
    case 'felt':
      return [FEELS[body.feel]];
    case 'stand-off':
      return [
        'Stood off ',
        length(body.seen, 0.01),
        ': ',
        length(body.diameterLeft, SEEN),
        ' left on diameter',
        ...(body.checked ? [', counted from here: dial, slide and tool were looked at'] : []),
      ];
    case 'contact':
      return [
        'Touched ',
        CONTACTS[body.contact],
        ...(body.swing === null
          ? []
          : [', swung ', length(body.swing, SEEN), ' over ', length(body.distance ?? 0, 0.1)]),
      ];
    case 'verdict':
      return [
        `${body.verdict.charAt(0).toUpperCase()}${body.verdict.slice(1)}`,
        ...(body.cause ? [': ', body.cause] : []),
      ];
    case 'piece':
      return [
        `Piece ${piece} started`,
        ...(body.carriedFrom ? [`, settings carried over from piece ${body.carriedFrom}`] : []),
      ];
    case 'note':
      return [body.text];
    case 'withdrawn':
      return ['Taken back'];
  }
}
