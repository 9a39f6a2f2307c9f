import { expect, it } from 'vitest';
import type { Feature } from '../../part/kinds/registry';
import { inBar, round } from '../parts.testdata';
import { layOut } from '../piece/laid';
import { runInto } from './groove';

const groove: Feature = {
  ...{ id: 'relief', name: 'Relief', kind: 'groove', side: 'external' },
  ...{ diameter: 18, length: 3 },
};
const thread = (id: string, side: 'external' | 'internal', length: number): Feature => ({
  ...{
    id,
    name: id,
    kind: 'thread',
    side,
    designation: '',
    diameter: side === 'external' ? 24 : 10,
    pitch: 1.5,
  },
  ...{ length, ...(side === 'internal' ? { from: 'tailstock' as const } : {}) },
});

it('what ends at a groove on its own side runs out into it, from either end of it; a hole that ends there does not', () => {
  // Along the axis: body 0 to 20, relief to 23, screw to 43; the hole comes in from 43 as deep as the relief's face.
  const laid = layOut(
    inBar(round('body', 30, 20), groove, thread('screw', 'external', 20), thread('hole', 'internal', 20)),
  );
  const relief = laid.byId.get('relief')!;
  expect(runInto(laid, relief).map((s) => s.id)).toEqual(['screw']);
  const turned = layOut(inBar(thread('screw', 'external', 20), groove, round('body', 30, 20)));
  expect(runInto(turned, turned.byId.get('relief')!).map((s) => s.id)).toEqual(['screw']);
});
