import { angle, length } from '../../figure/figure';
import { seeded } from '../../machine/seeded';
import { FAULT_KINDS, type FaultId } from '../../virtual-lathe/faults/registry';
import type { PieceExercise, PieceId } from './piece';

const DEGREE = Math.PI / 180;
/** A No. 3 Morse shank, to the length of its cone: ISO 296. */
const MORSE = { largeDiameter: 24.076, halfAngle: Math.atan(1 / 19.922 / 2), length: 86 } as const;
const SEAT = { largeDiameter: 26, halfAngle: 8 * DEGREE, length: 24 } as const;

/** In the order of the craft. A new one is an entry here. */
const PIECES: Readonly<Record<PieceId, Omit<PieceExercise, 'id'>>> = {
  compound: {
    title: 'Set a compound by the indicator',
    goal: ['Bring the compound to ', angle(SEAT.halfAngle), ' for a collet seat.'],
    why: 'Read along the slide the needle climbs by the sine, along the bed by the tangent: taken for each other they cost minutes of arc, and a steep seat shows it.',
    way: 'compound',
    school: 'indicator',
    until: 'set',
    finds: 'compoundAngle',
    cone: { member: 'internal', ...SEAT, besides: null, standOff: 0.1 },
  },
  'set-over': {
    title: 'Set a tailstock over with a gauge',
    goal: ['Set the tailstock over until a gauge of the blank’s own length stands still under the needle.'],
    why: 'The marks bring a tailstock near by a tenth or two; over a shank of this length that is twice what it may be.',
    way: 'tailstock',
    school: 'setting-gauge',
    until: 'set',
    finds: 'tailstockOff',
    cone: { member: 'external', ...MORSE, besides: { diameter: 24, length: 44 }, standOff: 0.3 },
  },
  master: {
    title: 'Copy a master',
    goal: ['Bring the attachment’s bar to the taper of a master that is put in the spindle.'],
    why: 'Whoever has a true one needs no figure: only that the master runs true first, and that the lash is gone before the needle is read.',
    way: 'attachment',
    school: 'master',
    until: 'set',
    finds: 'barAngle',
    cone: { member: 'external', ...MORSE, besides: { diameter: 30, length: 40 }, standOff: 0.3 },
  },
  shank: {
    title: 'Bring a shank to its line',
    goal: [
      'Turn a No. 3 Morse shank until its sleeve stands within ',
      length(0.3, 0.01),
      ' of its line, and never past it.',
    ],
    why: 'The last infeed is the one that scraps it: what a tool takes is not what it was fed, and the sleeve tells fifty times what the dial does.',
    way: 'attachment',
    school: 'indicator',
    until: 'made',
    finds: null,
    cone: { member: 'external', ...MORSE, besides: { diameter: 30, length: 40 }, standOff: 0.3 },
  },
  hub: {
    title: 'Bore a hub to a plug',
    goal: ['Bore a hub of 1 in 8 until its plug stands within ', length(0.4, 0.01), ' of its line.'],
    why: 'A boring bar springs, and more the deeper it reaches: the hub is bell-mouthed before it is to size.',
    way: 'compound',
    school: 'indicator',
    until: 'made',
    finds: null,
    cone: {
      member: 'internal',
      largeDiameter: 40,
      halfAngle: Math.atan(1 / 16),
      length: 40,
      besides: null,
      standOff: 0.4,
    },
  },
  seat: {
    title: 'Bring a seat to a stand-off',
    goal: [
      'Bore a collet seat of ',
      angle(SEAT.halfAngle),
      ' until its gauge stands within ',
      length(0.1, 0.01),
      ' of its line.',
    ],
    why: 'So steep a seat moves its gauge by three and a half for each one on diameter: little room, and little to read it by.',
    way: 'compound',
    school: 'indicator',
    until: 'made',
    finds: null,
    cone: { member: 'internal', ...SEAT, besides: null, standOff: 0.1 },
  },
};

/**
 * An exercise that is a job, by its id.
 *
 * @example
 * pieceOf('shank').way
 * // → 'attachment'
 */
export const pieceOf = (id: PieceId): PieceExercise => ({ id, ...PIECES[id] });

/**
 * What is wrong with the lathe of an exercise whatever its level: what there is to find. Empty where it needs nothing.
 *
 * @example
 * pieceFaults('shank', 7)
 * // → {}
 */
export function pieceFaults(id: PieceId, seed: number): Partial<Record<FaultId, number>> {
  const { finds } = PIECES[id];
  if (!finds) return {};
  const { from, to } = FAULT_KINDS[finds];
  const uniform = seeded(seed);
  const sign = uniform() < 0.5 ? -1 : 1;
  return { [finds]: sign * (from + (to - from) * uniform()) };
}
