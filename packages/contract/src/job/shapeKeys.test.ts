import { describe, expect, it } from 'vitest';
import { entry } from '../entry/entry';
import { job, shank } from './jobs.testdata';
import { newWork } from './work/new';
import { startedFrom } from './work/startFrom';
import type { TaperWork } from './work/taper';
import { shapeKeys } from './shapeKeys';

const HERE = { machineId: 'short-lathe', halfAngle: 0.02 };
const own = newWork('taper');
const earlier: TaperWork = {
  ...newWork('taper'),
  mate: 'Their plug',
  tolerance: { grade: 'AT4', standOff: entry('0.05 mm') },
  way: { id: 'attachment', machineId: 'long-lathe', halfAngle: 0.0251, school: 'indicator' },
  cut: { stock: entry('25 mm'), lastStock: entry('0.4 mm'), allowance: entry('0.1 mm') },
};

describe('what a shape is found again by', () => {
  it('a taper by its half angle, its row of the tables and its way', () => {
    const [key] = shapeKeys(job({ features: [shank()] }));
    expect(key).toMatchObject({ kind: 'taper', feature: expect.any(String) });
    expect(key!.figure).toBeGreaterThan(0);
  });
  it('a plain feature by its kind, and no older row is of it', () => {
    const plain = { id: 'thread-1', name: 'Thread', kind: 'thread' as const, side: 'external' as const };
    const keys = shapeKeys(job({ features: [{ ...plain, designation: 'M10' }, shank()] }));
    expect(keys.map(({ kind, place }) => [kind, place])).toEqual([
      ['taper', 0],
      ['thread', -1],
    ]);
    expect(keys[1]).toMatchObject({ feature: 'thread-1', figure: null, way: null });
  });
  it('a part with nothing of its own to set has none', () => {
    expect(shapeKeys(job({ features: [], work: {} }))).toEqual([]);
  });
});

describe('work begun from an earlier job’s', () => {
  it('takes its way, school and cut, on this lathe and for this figure', () => {
    const next = startedFrom(own, earlier, HERE) as TaperWork;
    expect(next.way).toEqual({ id: 'attachment', school: 'indicator', ...HERE });
    expect(next.cut).toMatchObject({ lastStock: entry('0.4 mm'), allowance: entry('0.1 mm') });
  });
  it('keeps what is its own: what it fits, how good it is to be, and the bar over it', () => {
    const mine = { ...own, mate: 'My plug', cut: { ...own.cut, stock: entry('30 mm') } };
    const next = startedFrom(mine, earlier, HERE) as TaperWork;
    expect(next).toMatchObject({ mate: 'My plug', tolerance: own.tolerance });
    expect(next.cut.stock).toEqual(entry('30 mm'));
    expect((startedFrom(own, earlier, HERE) as TaperWork).cut.stock).toBeUndefined();
  });
  it.each([
    ['another kind', newWork('curve')],
    ['no way', newWork('taper')],
    ['rubbish', { kind: 'taper', way: 5 }],
    ['nothing', null],
  ])('has nothing to take from %s', (_, given) => {
    expect(startedFrom(own, given, HERE)).toBeNull();
  });
  it('an eccentric’s takes its own way and figures, and no angle', () => {
    const then = {
      ...newWork('eccentric'),
      mate: 'x',
      way: 'four-jaw' as const,
      limit: entry('0.03 mm'),
      toward: 2,
    };
    const next = startedFrom({ ...newWork('eccentric'), mate: 'Shaft' }, then, HERE);
    expect(next).toMatchObject({
      kind: 'eccentric',
      way: 'four-jaw',
      limit: entry('0.03 mm'),
      mate: 'Shaft',
    });
    expect(next).not.toHaveProperty('toward');
  });
});
