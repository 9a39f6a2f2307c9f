import { describe, expect, it } from 'vitest';
import type { Feature } from '../part/kinds/registry';
import { balance, counterweight, lightSide, pullAt } from './balance';
import { boreTools } from '../cutting/boreTools';
import { USUAL_MATERIALS } from '../kit/materials/usual';
import { materialNamed } from '../kit/materialNamed';
import { clearances } from './beforePower';
import { speedAtThrow } from './index';
import { eccentricsOf } from './part';
import { part } from './eccentric.testdata';

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

describe('how fast, and what it clears', () => {
  const iron = materialNamed('cast iron', USUAL_MATERIALS)!;
  const at = (speeds: readonly number[], more: object = {}) =>
    speedAtThrow({ part: { ...part, ...more }, material: iron, tool: 'hss', speeds });
  it('the lathe’s next speed under both limits; where it has none that slow, that is said', () => {
    const found = at([45, 72, 115, 300, 480]);
    expect(found.set).toBe(45);
    expect(found.set).toBeLessThanOrEqual(Math.min(found.byTool, found.byBalance!));
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
    ).toMatchObject({ still: null, pull: 0, byBalance: null });
  });
  it('two throws that answer each other run as fast as the tool asks for', () => {
    const opposite = [0, Math.PI].map((phase) => ({
      axis: { x: 6 * Math.cos(phase), y: 6 * Math.sin(phase) },
      diameter: 20,
      length: 25,
    }));
    const found = at([45, 115, 300], { diameter: 20, masses: opposite });
    expect(found).toMatchObject({ byBalance: null, tooFast: false });
    expect(found.set).toBe(Math.max(...[45, 115, 300].filter((rpm) => rpm <= found.byTool)));
    expect(found.pulls.map(({ tooFast }) => tooFast)).toEqual([false, false, false]);
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
