import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { holeLimits } from '../fit/isoHole';
import { JAWS } from '../holding/circleFit';
import type { Feature } from '../part/kinds/registry';
import { plainText } from '../figure/phrase';
import { balance, counterweight, lightSide, pullAt } from './balance';
import { boreTools } from '../cutting/boreTools';
import { materialNamed, USUAL_MATERIALS } from '../kit/material';
import { layoutPart } from '../part/layout';
import { clearances, speedAtThrow } from './beforePower';
import { carriagePositions } from './carriagePositions';
import { carriageTable } from './carriageTable';
import { massesOf } from './masses';
import { dialIn, indicatorPlan } from './dialIn';
import { invalidates } from './invalidates';
import type { MadeBasis } from './made';
import { layOff } from './layOff';
import { offsetCentres } from './offsetCentres';
import { nextPacking, packingPlan, throwFromPacking } from './packingPlan';
import { eccentricFaults, eccentricsOf, endOn } from './part';
import { setScrew } from './setScrew';
import { throwOf } from '../part/throwOf';
import { valveAt, valveMotion } from './valveMotion';
import { compareEccentricWays } from '../ways/eccentric/choose';

const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('the throw, however it is given', () => {
  it('throw, or travel, or both if they agree', () => {
    expect(throwOf({ throw: 4.75 })).toBe(4.75);
    expect(throwOf({ travel: 9.5 })).toBe(4.75);
    expect(throwOf({ throw: 4.75, travel: 9.5 })).toBe(4.75);
  });
  it.each([
    [{}, 'underdetermined', 'throw'],
    [{ throw: 4.75, travel: 9 }, 'inconsistent', 'travel'],
    [{ throw: 0 }, 'out-of-range', 'throw'],
    [{ travel: -3 }, 'out-of-range', 'travel'],
  ])('%j is %s', (given, code, field) => {
    expect(() => throwOf(given)).toThrow(expect.objectContaining({ code, field }));
  });
});

/**
 * By force: three jaws at one radius R, the first with packing before it. Presses a circle into them by moving its
 * centre along the first jaw's line until it rests on the plain two, and measures what is left to the first.
 */
function packingByForce(diameter: number, e: number, wide: boolean): number {
  const r = diameter / 2;
  // Work displaced e away from the packed jaw, which stands along +x.
  const centre = { x: -e, y: 0 };
  // How far out along a plain jaw's line its face stands when it touches the circle.
  const touches = (direction: number): number => {
    const [ux, uy] = [Math.cos(direction), Math.sin(direction)];
    let out = 0;
    for (let t = 0; t < 2 * Math.PI; t += 1e-4) {
      const [px, py] = [centre.x + r * Math.cos(t), centre.y + r * Math.sin(t)];
      const along = px * ux + py * uy;
      const aside = Math.abs(py * ux - px * uy);
      if (wide || aside < 2e-3) out = Math.max(out, along);
    }
    return out;
  };
  return touches((2 * Math.PI) / 3) - (centre.x + r);
}

describe('packing one jaw of a three-jaw', () => {
  it.each([
    [54, 4.75],
    [40, 9],
    [30, 1],
  ])('⌀%d thrown %d agrees with pressing a circle into jaws, both faces', (diameter, e) => {
    for (const jaws of ['narrow', 'wide'] as const) {
      const { exact } = packingPlan({ diameter, throw: e, jaws, step: 0.01 });
      expect(exact).toBeCloseTo(packingByForce(diameter, e, jaws === 'wide'), 2);
    }
  });
  it('the throw comes back out of the packing; the made size says what it costs in the travel', () => {
    fc.assert(
      fc.property(
        real(10, 100),
        real(0.02, 0.8),
        fc.constantFrom('narrow' as const, 'wide' as const),
        (diameter, part, jaws) => {
          const e = (part * diameter) / 2;
          const plan = packingPlan({ diameter, throw: e, jaws, step: 0.01 });
          expect(throwFromPacking({ diameter, packing: plan.exact, jaws })).toBeCloseTo(e, 9);
          expect(Math.abs(plan.made - plan.exact)).toBeLessThan(0.00501);
          expect(plan.travelError).toBeCloseTo(2 * (plan.throw - e), 12);
          expect(plan.otherFace > plan.exact).toBe(jaws === 'narrow');
        },
      ),
      { seed: 1 },
    );
  });
  it('corrected by 1.5 times the error it closes in on the throw wanted', () => {
    fc.assert(
      fc.property(real(30, 80), real(0.05, 0.3), real(-0.3, 0.3), (diameter, part, slip) => {
        const wanted = (part * diameter) / 2;
        // Jaws that bear a little differently from both models: the first packing is off by a slip.
        const truth = (packing: number): number =>
          throwFromPacking({ diameter, packing: packing + slip, jaws: 'narrow' });
        let { made } = packingPlan({ diameter, throw: wanted, jaws: 'narrow', step: 0.001 });
        for (let i = 0; i < 3; i++)
          made = nextPacking({ packing: made, wanted, swing: 2 * truth(made) }).packing;
        expect(truth(made)).toBeCloseTo(wanted, 2);
      }),
      { seed: 2 },
    );
    expect(nextPacking({ packing: 6.8, wanted: 4.75, swing: 9.3 }).change).toBeCloseTo(0.15, 9);
  });
  it.each([
    [() => packingPlan({ diameter: 20, throw: 11, jaws: 'narrow', step: 0.01 }), 'throw'],
    [() => packingPlan({ diameter: 20, throw: 3, jaws: 'narrow', step: 0 }), 'step'],
    [() => throwFromPacking({ diameter: 20, packing: 40, jaws: 'wide' }), 'packing'],
    [() => nextPacking({ packing: 1, wanted: 0.2, swing: 9 }), 'swing'],
  ])('refuses what cannot be, at its field %#', (work, field) => {
    expect(work).toThrow(expect.objectContaining({ field }));
  });
});

/** What an indicator shows at a direction on round work whose axis stands at (x, y). */
const shown = (x: number, y: number, direction: number): number =>
  x * Math.cos(direction) + y * Math.sin(direction) + 0.3;
const at = (x: number, y: number, directions: readonly number[]) =>
  directions.map((direction) => ({ direction, reading: shown(x, y, direction) }));

/** The same on round work of a diameter, whose side curves away from the needle. */
const round = (x: number, y: number, diameter: number, directions: readonly number[]) =>
  directions.map((direction) => {
    const aside = x * Math.sin(direction) - y * Math.cos(direction);
    const reading = shown(x, y, direction) + Math.sqrt((diameter / 2) ** 2 - aside * aside) - diameter / 2;
    return { direction, reading };
  });

describe('dialled in from any of the readings', () => {
  it('three readings of work exactly a throw off ask for no move once the diameter is known', () => {
    const readings = round(8, 0, 40, [0, Math.PI / 2, Math.PI]);
    const found = dialIn({ readings, diameter: 40, throw: 8, toward: 1, limit: 0.02 });
    expect(found).toMatchObject({ inside: true, moves: [] });
    expect(found.at.y).toBeCloseTo(0, 8);
  });
  const e = 4.75;
  it('the moves bring it to the throw, toward the jaw asked for, from wherever it stood', () => {
    fc.assert(
      fc.property(real(-8, 8), real(-8, 8), fc.constantFrom(1, 2, 3, 4, null), (x, y, toward) => {
        fc.pre(Math.hypot(x, y) > 0.1);
        const found = dialIn({ readings: at(x, y, JAWS), throw: e, toward, limit: 0.02 });
        let [nx, ny] = [x, y];
        for (const { jaw, action, by } of found.moves) {
          // Half of each pair of moves: easing one and tightening the other is one move of the work.
          if (action !== 'tighten') continue;
          const direction = JAWS[jaw - 1]!;
          nx -= by * Math.cos(direction);
          ny -= by * Math.sin(direction);
        }
        expect(Math.hypot(nx, ny)).toBeCloseTo(e, 2);
        if (toward !== null)
          expect((nx * Math.cos(JAWS[toward - 1]!) + ny * Math.sin(JAWS[toward - 1]!)) / e).toBeCloseTo(1, 4);
        expect(dialIn({ readings: at(nx, ny, JAWS), throw: e, toward, limit: 0.02 }).inside).toBe(true);
      }),
      { seed: 3 },
    );
  });
  it('any three jaws say as much as four; two opposite ones the half of it, and which to read next', () => {
    for (const left of [0, 1, 2, 3]) {
      const three = JAWS.filter((_, i) => i !== left);
      const readings = round(3, -2, 40, three);
      expect(dialIn({ readings, diameter: 40, throw: e, toward: 1, limit: 0.02 }).throwNow).toBeCloseTo(
        Math.hypot(3, 2),
        9,
      );
      // Without the diameter only the two that face each other are believed, and the one left out is asked for.
      const line = dialIn({ readings, throw: e, toward: 1, limit: 0.02 });
      expect([line.inside, line.readNext]).toEqual([false, left + 1]);
      const along = left % 2 === 0 ? line.at.y : line.at.x;
      expect(along).toBeCloseTo(left % 2 === 0 ? -2 : 3, 9);
    }
    const two = dialIn({ readings: at(3, -2, [0, Math.PI]), throw: e, toward: 1, limit: 0.02 });
    expect(two.at).toEqual({ x: expect.closeTo(3, 9), y: null });
    expect([two.direction, two.inside, two.readNext]).toEqual([null, false, 2]);
    expect(two.moves.map((m) => [m.jaw, m.action])).toEqual([
      [1, 'loosen'],
      [3, 'tighten'],
    ]);
  });
  it('the highest and the lowest with where they lie say all of it', () => {
    fc.assert(
      fc.property(real(1, 8), real(-3, 3), (size, direction) => {
        const readings = at(size * Math.cos(direction), size * Math.sin(direction), [
          direction,
          direction + Math.PI,
        ]);
        const found = dialIn({ readings, extremes: true, throw: e, toward: null, limit: 0.02 });
        expect(found.throwNow).toBeCloseTo(size, 9);
        expect(Math.cos(found.direction! - direction)).toBeCloseTo(1, 9);
      }),
      { seed: 4 },
    );
  });
  it('a high side at the wrong jaw is not inside, though the swing is right', () => {
    expect(dialIn({ readings: at(-e, 0, JAWS), throw: e, toward: 1, limit: 0.02 }).inside).toBe(false);
    expect(dialIn({ readings: at(-e, 0, JAWS), throw: e, toward: null, limit: 0.02 }).inside).toBe(true);
  });
  it.each([
    [{ readings: [{ direction: 0, reading: 1 }] }, 'underdetermined', 'readings'],
    [
      {
        readings: [
          { direction: 0, reading: 1 },
          { direction: 1, reading: 0 },
        ],
        extremes: true,
      },
      'inconsistent',
      'readings.1',
    ],
    [{ readings: at(1, 1, JAWS), throw: 0 }, 'out-of-range', 'throw'],
    [{ readings: at(1, 1, JAWS), limit: -1 }, 'out-of-range', 'limit'],
  ])('%j is refused', (more, code, field) => {
    expect(() => dialIn({ throw: e, toward: 1, limit: 0.02, ...more } as never)).toThrow(
      expect.objectContaining({ code, field }),
    );
  });
  it('an indicator too short for the swing is read over a block', () => {
    expect(indicatorPlan({ throw: 4.75, range: 10 }).direct).toBe(false);
    expect(indicatorPlan({ throw: 4.75, range: 25 }).direct).toBe(true);
    expect(indicatorPlan({ throw: 4.75, range: null }).block).toBe(9.5);
  });
});

const part = eccentricsOf([
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

describe('the eccentric end-on', () => {
  it('walls and swing against walking round it', () => {
    const walls: number[] = [];
    let swept = 0;
    for (let t = 0; t < 2 * Math.PI; t += 1e-3) {
      const out = Math.hypot(part.throw + 27 * Math.cos(t), 27 * Math.sin(t));
      swept = Math.max(swept, 2 * out);
      walls.push(out - 10);
    }
    const { thinnest, thickest, swing, travel } = endOn(part);
    expect(thinnest).toBeCloseTo(Math.min(...walls), 4);
    expect(thickest).toBeCloseTo(Math.max(...walls), 4);
    expect(swing).toBeCloseTo(swept, 4);
    expect(travel).toBe(9.5);
  });
  it('an undimensioned groove lies in the middle', () => {
    expect(part.grooves).toEqual([{ at: 7, width: 4, depth: 3 }]);
  });
  it.each([
    [{ throw: 18 }, 'throw', true],
    [{ throw: 16.2 }, 'throw', false],
    [{ grooves: [{ at: 7, width: 4, depth: 13 }] }, 'grooves.0', true],
    [{ grooves: [{ at: 16, width: 4, depth: 1 }] }, 'grooves.0', true],
  ])('%j is said at %s', (more, field, grave) => {
    const faults = eccentricFaults({ ...part, ...more });
    expect(faults.map((f) => [f.field, f.grave])).toContainEqual([field, grave]);
    for (const { said } of faults) expect(plainText(said)).toMatch(/[.]$/);
  });
  it('a sound one has no faults', () => expect(eccentricFaults(part)).toEqual([]));
});

const lathe = {
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
const ways = (more: object = {}, on: object = {}) =>
  compareEccentricWays({
    part: { ...part, ...more },
    throws: [{ ...part, ...more }],
    lathe: { ...lathe, ...on },
    quantity: 1,
    range: 10,
    step: 0.01,
  });

describe('ways of making it', () => {
  it('one-off in the four-jaw, a run by packing, several throws between centres', () => {
    expect(ways().recommended!.id).toBe('four-jaw');
    const solid = { ...part, bore: null };
    const at = (quantity: number, throws = [solid]) =>
      compareEccentricWays({ part: solid, throws, lathe, quantity, range: null, step: 0.01 }).recommended!.id;
    expect(at(8)).toBe('packing');
    expect(at(1, [solid, { ...solid, id: 'f', name: 'Other', phase: Math.PI / 2 }])).toBe('offset-centres');
  });
  it('a chuck that is not there, or does not open so far, is said; so is a bore where centres would go', () => {
    const blocked = (found: ReturnType<typeof ways>, id: string): string =>
      found.assessments
        .find((a) => a.id === id)!
        .blockers.map((b) => plainText(b))
        .join(' ');
    expect(blocked(ways({}, { chucks: [] }), 'four-jaw')).toContain('No four-jaw');
    expect(blocked(ways({ diameter: 160 }), 'four-jaw')).toContain('opens to');
    expect(blocked(ways(), 'offset-centres')).toContain('bored through');
    expect(blocked(ways({}, { swing: 60 }), 'fixture')).toContain('sweeps');
    expect(ways({}, { swing: 60 }).recommended).toBeNull();
  });
});

describe('laid out and marked', () => {
  it('the dial comes back past the mark, and what a division leaves over is said', () => {
    const found = layOff({ throw: 4.75, division: 0.0254, reads: 'radius', lash: 0.2 });
    expect(found.dial + found.leftOver).toBeCloseTo(4.75, 9);
    expect(Math.abs(found.leftOver)).toBeLessThan(0.0127 + 1e-9);
    expect(found.past).toBeGreaterThan(found.dial + 0.2);
    const onDiameter = layOff({ throw: 4.75, division: 0.02, reads: 'diameter', lash: 0 });
    expect(onDiameter.dial).toBeCloseTo(9.5, 9);
  });
  it('centres of several throws stand where they should; holes that merge or miss the end are said', () => {
    const two = offsetCentres({
      throws: [
        { name: 'A', throw: 6, phase: 0 },
        { name: 'B', throw: 6, phase: Math.PI / 2 },
      ],
      barDiameter: 40,
      hole: 4,
    });
    expect(two.chords.find((c) => c.from === 'A')!.distance).toBeCloseTo(6 * Math.SQRT2, 9);
    expect(two.problems).toEqual([]);
    const bad = offsetCentres({
      throws: [
        { name: 'A', throw: 1.5, phase: 0 },
        { name: 'B', throw: 19, phase: 1 },
      ],
      barDiameter: 40,
      hole: 4,
    });
    expect(bad.problems).toHaveLength(2);
    expect(bad.problems.map((p) => plainText(p))).toEqual([
      expect.stringMatching(/^The centre of B lies 19\.00.mm out;/),
      expect.stringMatching(/^The centres of Shaft and A lie 1\.50.mm apart:/),
    ]);
  });
  it('two centres are as far apart as their throws and the angle between them make it', () => {
    fc.assert(
      fc.property(real(1, 15), real(1, 15), real(0, 6.2), real(0, 6.2), (a, b, at, bt) => {
        const { chords } = offsetCentres({
          throws: [
            { name: 'A', throw: a, phase: at },
            { name: 'B', throw: b, phase: bt },
          ],
          barDiameter: 60,
          hole: 3,
        });
        const cosine = Math.sqrt(Math.max(0, a * a + b * b - 2 * a * b * Math.cos(at - bt)));
        expect(chords.map((c) => `${c.from}-${c.to}`)).toEqual(['Shaft-A', 'Shaft-B', 'A-B']);
        expect(chords[0]!.distance).toBeCloseTo(a, 9);
        expect(chords[2]!.distance).toBeCloseTo(cosine, 6);
      }),
      { seed: 7 },
    );
  });
  it('an end is large enough with 1.5 mm round the hole, and two holes with 0.8 mm between them, to the hair', () => {
    const problems = (barDiameter: number, b: number): number =>
      offsetCentres({
        throws: [
          { name: 'A', throw: 6, phase: 0 },
          { name: 'B', throw: b, phase: 0 },
        ],
        barDiameter,
        hole: 4,
      }).problems.length;
    // Twelve out, two for half the hole, one and a half of metal.
    expect([problems(31, 12), problems(30.9, 12)]).toEqual([0, 1]);
    expect([problems(60, 10.8), problems(60, 10.79)]).toEqual([0, 1]);
  });
});

describe('packing, from the jaws’ own geometry', () => {
  it('the plain jaws’ faces stand where the work’s centre and the packing put them', () => {
    fc.assert(
      fc.property(real(20, 80), real(0.02, 0.4), (diameter, share) => {
        const e = (share * diameter) / 2;
        for (const jaws of ['narrow', 'wide'] as const) {
          const plan = packingPlan({ diameter, throw: e, jaws, step: 1e-6 });
          expect(plan.jawsAt).toBeCloseTo(diameter / 2 - e + plan.exact, 9);
          // Change of packing for a change of throw, by a small difference.
          const h = 1e-4;
          const near = (at: number): number => packingPlan({ diameter, throw: at, jaws, step: 1e-6 }).exact;
          expect(plan.perThrow).toBeCloseTo((near(e + h) - near(e - h)) / (2 * h), 4);
          expect(throwFromPacking({ diameter, packing: plan.exact, jaws })).toBeCloseTo(e, 6);
        }
      }),
      { seed: 5, numRuns: 60 },
    );
  });
  it('what it is out by is of the whole travel, plus where the packing came out thick', () => {
    const plan = packingPlan({ diameter: 54, throw: 4.75, jaws: 'wide', step: 0.5 });
    expect(plan.made).toBe(7);
    expect(plan.travelError).toBeCloseTo(2 * (plan.throw - 4.75), 12);
    expect(Math.sign(plan.travelError)).toBe(Math.sign(plan.made - plan.exact));
    expect(plan.otherFace).toBeCloseTo(
      packingPlan({ diameter: 54, throw: 4.75, jaws: 'narrow', step: 0.5 }).exact,
      12,
    );
  });
  it('a swing that asks for none is refused, and one short of that is not', () => {
    expect(() => nextPacking({ packing: 1.5, wanted: 4, swing: 10 })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'swing' }),
    );
    expect(nextPacking({ packing: 1.6, wanted: 4, swing: 10 }).packing).toBeCloseTo(0.1, 9);
  });
});

describe('the hub beside an eccentric', () => {
  const disc: Feature = {
    id: 'e',
    name: 'E',
    kind: 'eccentric',
    side: 'external',
    diameter: 54,
    length: 18,
    throw: 4.75,
    grooves: [{ width: 4, depth: 3 }, { at: 1, width: 2, depth: 1 }, { width: 4 }],
  };
  const bore: Feature = { id: 'b', name: 'B', kind: 'bore', side: 'internal', diameter: 20, length: 34 };
  const hub: Feature = { id: 'h', name: 'H', kind: 'cylinder', side: 'external', diameter: 34, length: 16 };
  const inside: Feature = { id: 'i', name: 'I', kind: 'cylinder', side: 'internal', diameter: 12, length: 5 };
  it('is the cylinder outside, not a hole nor what is no cylinder', () => {
    expect(eccentricsOf([disc, bore])[0]).toMatchObject({ hub: null, bore: 20, beyond: 0, partLength: 18 });
    expect(eccentricsOf([disc, inside])[0]).toMatchObject({ hub: null, bore: null });
    expect(eccentricsOf([disc, hub, bore])[0]).toMatchObject({
      hub: { diameter: 34, length: 16 },
      bore: 20,
      beyond: 16,
      partLength: 34,
    });
    expect(eccentricsOf([hub])).toEqual([]);
  });
  it('a groove without a place is centred on the width, one without a depth is none yet', () => {
    expect(eccentricsOf([disc])[0]!.grooves).toEqual([
      { at: 7, width: 4, depth: 3 },
      { at: 1, width: 2, depth: 1 },
    ]);
  });
});

describe('before power', () => {
  const disc = { axis: { x: 4.75, y: 0 }, diameter: 54, length: 18 };
  const hub = { axis: { x: 0, y: 0 }, diameter: 34, length: 16 };
  const bore = { axis: { x: 0, y: 0 }, diameter: 20, length: 34, hole: true };
  it('the centre of mass agrees with adding it up in small squares', () => {
    let [m, mx] = [0, 0];
    const h = 0.25;
    for (let x = -35; x < 35; x += h)
      for (let y = -30; y < 30; y += h) {
        const [cx, cy] = [x + h / 2, y + h / 2];
        const thick =
          (Math.hypot(cx - 4.75, cy) < 27 ? 18 : 0) +
          (Math.hypot(cx, cy) < 17 ? 16 : 0) -
          (Math.hypot(cx, cy) < 10 ? 34 : 0);
        m += thick;
        mx += thick * cx;
      }
    const found = balance({ masses: [disc, hub, bore], spindle: { x: 0, y: 0 }, density: 7.2 });
    expect(found.offset).toBeCloseTo(mx / m, 1);
    expect(found.mass).toBeCloseTo(m * h * h * 7.2e-6, 2);
    expect(found.heavy).toBeCloseTo(0, 9);
  });
  it('at the top speed it pulls with half its weight; a counterweight opposite makes it still', () => {
    const found = balance({ masses: [disc, hub, bore], spindle: { x: 0, y: 0 }, density: 7.2 });
    expect(pullAt({ unbalance: found.unbalance, rpm: found.topSpeed! })).toBeCloseTo(
      (found.mass * 9.81) / 2,
      6,
    );
    const side = lightSide(found);
    expect(Math.cos(side - found.heavy)).toBeCloseTo(-1, 12);
    expect(side >= 0 && side < 2 * Math.PI).toBe(true);
    expect(lightSide({ heavy: -3 * Math.PI })).toBeCloseTo(0, 12);
    expect(counterweight({ unbalance: found.unbalance, radius: 80 }) * 80).toBeCloseTo(found.unbalance, 9);
    expect(balance({ masses: [hub], spindle: { x: 0, y: 0 }, density: 7.2 }).topSpeed).toBeNull();
  });
  it('holes larger than the work are refused', () => {
    expect(() =>
      balance({ masses: [{ ...bore, diameter: 90 }, hub], spindle: { x: 0, y: 0 }, density: 7 }),
    ).toThrow(expect.objectContaining({ field: 'masses' }));
  });
});

describe('carriage positions from the zeroed face', () => {
  const table = {
    grooves: [
      { at: 4, width: 5, depth: 2 },
      { at: 12, width: 3, depth: 2 },
    ],
    length: 18,
    grooveTool: 3,
    partTool: 2.5,
    leastLand: 1,
  };
  it('the tool cuts the whole groove and nothing but the groove', () => {
    fc.assert(
      fc.property(real(0, 10), real(1, 8), real(0.5, 6), (at, width, tool) => {
        fc.pre(Math.abs(tool - width) > 1e-6);
        const [row] = carriagePositions({
          ...table,
          grooves: [{ at, width, depth: 1 }],
          length: 30,
          grooveTool: tool,
        });
        if (tool > width) {
          expect(row!.stands).toEqual([]);
          return;
        }
        const cut = row!.stands.map((edge) => [edge - tool, edge] as const);
        expect(Math.min(...cut.map((c) => c[0]))).toBeCloseTo(at, 8);
        expect(Math.max(...cut.map((c) => c[1]))).toBeCloseTo(at + width, 8);
        cut.forEach((c, i) => {
          if (i > 0) expect(c[0]).toBeLessThan(cut[i - 1]![1]);
        });
      }),
      { seed: 5 },
    );
  });
  it('parts off with its own width in the sum, last', () => {
    const row = carriagePositions(table).at(-1)!;
    expect([row.name, row.stands]).toEqual(['Part off', [20.5]]);
    expect(row.sum.parts.reduce((sum, p) => sum + p.value, 0)).toBe(row.sum.result.value);
  });
  it.each([
    [{ grooveTool: 6 }, 'wider than the groove'],
    [{ grooves: [{ at: 0.4, width: 4, depth: 1 }] }, 'at the face'],
    [{ grooves: [{ at: 13.5, width: 4, depth: 1 }] }, 'after it'],
    [
      {
        grooves: [
          { at: 4, width: 5, depth: 1 },
          { at: 8, width: 4, depth: 1 },
        ],
      },
      'runs into',
    ],
  ])('%j is warned of', (more, words) => {
    const rows = carriagePositions({ ...table, ...more });
    expect(rows.map((r) => (r.warning ? plainText(r.warning) : '')).join(' ')).toContain(words);
  });
  it('refuses a tool of nothing', () => {
    expect(() => carriagePositions({ ...table, partTool: 0 })).toThrow(
      expect.objectContaining({ field: 'partTool' }),
    );
  });
});

describe('a part with the eccentric between other things', () => {
  const features: Feature[] = [
    { id: 'h', name: 'Hub', kind: 'cylinder', side: 'external', diameter: 34, length: 16 },
    {
      id: 'e',
      name: 'Eccentric',
      kind: 'eccentric',
      side: 'external',
      diameter: 54,
      length: 18,
      throw: 4.75,
      phase: 1,
      grooves: [
        { width: 4, depth: 3 },
        { width: 0, depth: 1 },
      ],
    },
    { id: 's', name: 'Spigot', kind: 'cylinder', side: 'external', diameter: 24, length: 10 },
    { id: 'b', name: 'Bore', kind: 'bore', side: 'internal', diameter: 20, length: 44 },
  ];
  const [found] = eccentricsOf(features);
  const tools = { grooveTool: 4, partTool: 2.5, leastLand: 1 };
  it('knows what lies between it and the face the carriage is zeroed on', () => {
    expect([found!.beyond, found!.partLength, found!.width]).toEqual([10, 44, 18]);
    const [groove, off] = carriageTable(found!, tools);
    expect(groove!.stands).toEqual([10 + 7 + 4]);
    expect(off!.stands).toEqual([46.5]);
  });
  it('weighs everything on it, holes taken away, each on its own axis', () => {
    const { mass } = balance({ masses: found!.masses, spindle: { x: 0, y: 0 }, density: 7.2 });
    const disc = (d: number, l: number): number => (Math.PI / 4) * d * d * l * 7.2e-6;
    expect(mass).toBeCloseTo(disc(34, 16) + disc(54, 18) + disc(24, 10) - disc(20, 44), 9);
    const alone = eccentricsOf(features.slice(0, 3))[0]!;
    const heavy = balance({ masses: alone.masses, spindle: { x: 0, y: 0 }, density: 7.2 });
    expect(heavy.heavy).toBeCloseTo(1, 9);
    expect(heavy.unbalance).toBeCloseTo(disc(54, 18) * 4.75, 9);
  });
  it('a cone weighs what its volume does', () => {
    const cone: Feature = {
      id: 'c',
      name: 'Cone',
      kind: 'taper',
      side: 'external',
      largeEnd: 'headstock',
      largeDiameter: 30,
      smallDiameter: 20,
      length: 40,
    };
    const { sections } = layoutPart([cone]);
    const [mass] = massesOf([cone], sections);
    expect((Math.PI / 4) * mass!.diameter ** 2 * 40).toBeCloseTo((Math.PI * 40 * (225 + 150 + 100)) / 3, 6);
  });
});

describe('how fast, and what it clears', () => {
  const iron = materialNamed('cast iron', USUAL_MATERIALS)!;
  const at = (speeds: readonly number[], more: object = {}) =>
    speedAtThrow({ part: { ...part, ...more }, material: iron, tool: 'hss', speeds });
  it('the lathe’s next speed under both limits; where it has none that slow, that is said', () => {
    const found = at([45, 72, 115, 300, 480]);
    expect(found.set).toBe(45);
    expect(found.set).toBeLessThanOrEqual(Math.min(found.byTool, found.byBalance));
    expect(found.tooFast).toBe(false);
    expect(at([300, 480])).toMatchObject({ set: 300, tooFast: true });
    expect(at([]).set).toBeCloseTo(found.byTool, 9);
  });
  it('balance rules where the throw is large, and the pull grows with the square of the speed', () => {
    const wild = at([10, 20, 40, 80, 160, 320, 640], {
      diameter: 200,
      throw: 60,
      masses: [{ axis: { x: 60, y: 0 }, diameter: 200, length: 20 }],
    });
    expect(wild.byBalance).toBeLessThan(150);
    expect(wild.pulls.at(-1)!.tooFast).toBe(true);
    expect(wild.pulls.filter((p) => p.tooFast)).toHaveLength(1);
    expect(wild.pulls[1]!.pull / wild.pulls[0]!.pull).toBeCloseTo(4, 9);
  });
  it('what nothing is left of to weigh has no pull and no limit', () => {
    expect(
      at([45], { masses: [{ axis: { x: 0, y: 0 }, diameter: 9, length: 9, hole: true }] }),
    ).toMatchObject({ still: null, pull: 0, byBalance: Infinity });
  });
  it('clears bed, slide and tool by what is left of their room; what is not on record is not guessed', () => {
    const left = clearances(part, { swing: 230, swingOverSlide: 60, tool: 40 }).map((c) => c.left);
    expect(left).toEqual([115 - 31.75, 30 - 31.75, 40 - 31.75]);
    expect(clearances(part, {}).every((c) => c.left === null)).toBe(true);
  });
  it('drills under the bore with enough left to ream, and reams only to its own size', () => {
    const tools = boreTools({ diameter: 20, drills: [10, 19.5, 19.8, 19.9], reamers: [18, 20] });
    expect(tools).toMatchObject({ drill: 19.8, reamer: 20 });
    expect(tools.drillUnder).toBeLessThan(20);
    expect(boreTools({ diameter: 5, drills: [10], reamers: [6] })).toMatchObject({
      drill: null,
      reamer: null,
    });
    expect(() => boreTools({ diameter: 0, drills: [], reamers: [] })).toThrow(
      expect.objectContaining({ field: 'diameter' }),
    );
  });
});

describe('set-screw, fit and what a change does', () => {
  const m6 = { form: 'metric', diameter: 6, pitch: 1 } as const;
  it('square to the throw, through the hub’s wall', () => {
    const found = setScrew({ hub: 34, bore: 20, thread: m6, phase: 0.3, finder: 10 });
    expect(Math.cos(found.direction - 0.3)).toBeCloseTo(0, 9);
    expect([found.wall, found.turns, found.strongEnough, found.fromEdge]).toEqual([7, 7, true, 22]);
    expect(() => setScrew({ hub: 20, bore: 20, thread: m6, phase: 0, finder: 10 })).toThrow(
      expect.objectContaining({ field: 'hub' }),
    );
  });
  it.each([
    [20, 'H7', 20, 20.021],
    [20, 'F7', 20.02, 20.041],
    [6, 'G7', 6.004, 6.016],
    [50, 'H8', 50, 50.039],
  ] as const)('%d %s', (diameter, fit, least, most) => {
    expect(holeLimits({ diameter, fit }).least).toBeCloseTo(least, 9);
    expect(holeLimits({ diameter, fit }).most).toBeCloseTo(most, 9);
  });
  it('the table of fits has an end, and says so', () => {
    expect(holeLimits({ diameter: 200, fit: 'H7' }).most).toBeCloseTo(200.046, 9);
    expect(holeLimits({ diameter: 500, fit: 'G7' })).toEqual({ least: 500.02, most: 500.083 });
    expect(() => holeLimits({ diameter: 501, fit: 'H7' })).toThrow(
      expect.objectContaining({ field: 'diameter' }),
    );
  });
  const basis: MadeBasis = { throw: 4.75, diameter: 54, width: 18, bore: 20, hub: 34 };
  const made = (['outside', 'throw', 'bore', 'groove', 'screw', 'packing'] as const).map((what) => ({
    what,
    basis,
  }));
  const verdicts = (now: Partial<MadeBasis>) =>
    Object.fromEntries(invalidates(made, { ...basis, ...now }).map((i) => [i.what, i.verdict]));
  it('a larger shaft opens the bore out at the same setting, and costs the screw', () => {
    expect(verdicts({ bore: 22 })).toEqual({
      outside: 'keep',
      throw: 'keep',
      bore: 'rework',
      groove: 'keep',
      screw: 'again',
      packing: 'keep',
    });
    // The hole is made again; the part is not.
    const said = plainText(invalidates(made, { ...basis, bore: 22 }).find((i) => i.what === 'screw')!.said);
    expect(said).toContain('the part itself can be kept');
    expect(said).not.toContain('made again');
  });
  it('a smaller shaft, or another throw, cannot be put back', () => {
    expect(verdicts({ bore: 19 })['bore']).toBe('again');
    expect(verdicts({ throw: 5 })).toMatchObject({
      throw: 'again',
      bore: 'again',
      packing: 'again',
      outside: 'keep',
    });
    expect(verdicts({ diameter: 52 })).toMatchObject({ outside: 'rework', groove: 'again' });
    expect(Object.values(verdicts({})).every((v) => v === 'keep')).toBe(true);
  });
});

describe('valve eccentrics', () => {
  const gear = {
    throw: 30,
    lap: 12,
    lead: 2,
    exhaustLap: 1,
    drive: 'direct',
    turns: 'anticlockwise',
  } as const;
  it('events are where the valve stands at the edges of the ports, found by walking the crank round', () => {
    fc.assert(
      fc.property(
        real(20, 60),
        real(0.1, 0.7),
        real(0, 0.2),
        real(-0.08, 0.3),
        (e, lapPart, leadPart, exhaustPart) => {
          const g = { ...gear, throw: e, lap: lapPart * e, lead: leadPart * e, exhaustLap: exhaustPart * e };
          const { advance, events } = valveMotion(g);
          expect(valveAt(g, advance, 0)).toBeCloseTo(g.lap + g.lead, 9);
          expect(valveAt(g, advance, events.opening)).toBeCloseTo(g.lap, 9);
          expect(valveAt(g, advance, events.cutOff)).toBeCloseTo(g.lap, 9);
          expect(valveAt(g, advance, events.release)).toBeCloseTo(-g.exhaustLap, 9);
          expect(valveAt(g, advance, events.compression)).toBeCloseTo(-g.exhaustLap, 9);
          const later = 0.01;
          expect(valveAt(g, advance, events.opening + later)).toBeGreaterThan(g.lap);
          expect(valveAt(g, advance, events.cutOff + later)).toBeLessThan(g.lap);
          expect(valveAt(g, advance, events.release + later)).toBeLessThan(-g.exhaustLap);
          expect(valveAt(g, advance, events.compression + later)).toBeGreaterThan(-g.exhaustLap);
          expect(events.opening).toBeLessThanOrEqual(0);
          expect(events.cutOff).toBeLessThan(events.release);
          expect(events.release).toBeLessThan(events.compression);
        },
      ),
      { seed: 6 },
    );
  });
  it('a rocking lever puts it opposite; turning the other way mirrors it', () => {
    const direct = valveMotion(gear);
    const rocked = valveMotion({ ...gear, drive: 'rocking-lever' });
    expect(direct.fromCrank - rocked.fromCrank).toBeCloseTo(Math.PI, 12);
    expect(valveMotion({ ...gear, turns: 'clockwise' }).setOut).toBeCloseTo(-direct.setOut, 12);
    expect(direct.opens).toBe(18);
  });
  it.each([
    [{ lap: 29, lead: 3 }, 'lap'],
    [{ lap: 30, lead: 0 }, 'lap'],
    [{ exhaustLap: 31 }, 'exhaustLap'],
    [{ throw: 0 }, 'throw'],
  ])('%j is refused at %s', (more, field) => {
    expect(() => valveMotion({ ...gear, ...more })).toThrow(expect.objectContaining({ field }));
  });
});

describe('parts that are not complete', () => {
  it('give no eccentric to work with, and never break', () => {
    const bare: Feature = { id: 'e', name: 'E', kind: 'eccentric', side: 'external' };
    expect(eccentricsOf([bare])).toEqual([]);
    expect(eccentricsOf([{ ...bare, diameter: 20, length: 5 }])).toEqual([]);
    // Figures that disagree, or cannot be, settle nothing: they are said where they stand.
    for (const figures of [
      { throw: 2, travel: 5 },
      { throw: 0 },
      { throw: 12 },
      { throw: -1 },
      { travel: 0 },
    ])
      expect(eccentricsOf([{ ...bare, diameter: 20, length: 5, ...figures }])).toEqual([]);
    expect(eccentricsOf([{ ...bare, diameter: 0, length: 5, throw: 1 }])).toEqual([]);
  });
});
