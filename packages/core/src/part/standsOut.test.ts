import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import type { Feature } from './kinds/registry';
import { layoutPart } from './layout';

const round = (
  id: string,
  diameter: number | undefined,
  side: 'external' | 'internal' = 'external',
): Feature =>
  ({
    ...{ id, name: id, kind: side === 'external' ? 'cylinder' : 'bore', side },
    ...{ diameter, length: 10 },
  }) as Feature;
const groove = (diameter: number, side: 'external' | 'internal' = 'external'): Feature =>
  ({
    ...{ id: 'g', name: 'Groove', kind: 'groove', side },
    ...{ diameter, length: 3 },
  }) as Feature;
const problem = (...features: Feature[]): string | undefined => {
  const found = layoutPart(features).problems.get('g');
  return found && `${found.field}: ${plainText(found.phrase).replaceAll('\u00a0', ' ')}`;
};
const NONE = (beside: string, bottom: string): string =>
  `diameter: That is no groove: what is beside it is ${beside} mm, and its bottom ${bottom} mm.`;

describe('a groove', () => {
  it('goes in beside what is higher on one side at least', () => {
    expect(problem(round('a', 30), groove(26), round('c', 30))).toBeUndefined();
    expect(problem(round('a', 20), groove(26), round('c', 30))).toBeUndefined();
    expect(problem(round('a', 30), groove(26), round('c', 20))).toBeUndefined();
    expect(problem(round('a', 30), groove(34), round('c', 32))).toBe(NONE('32.00', '34.00'));
    expect(problem(round('a', 30), groove(30), round('c', 30))).toBe(NONE('30.00', '30.00'));
  });
  it('at an end is judged by what is on its one side, and alone by nothing', () => {
    expect(problem(groove(34), round('c', 30))).toBe(NONE('30.00', '34.00'));
    expect(problem(groove(26), round('c', 30))).toBeUndefined();
    expect(problem(groove(34))).toBeUndefined();
  });
  it('in a bore goes in beside what is narrower', () => {
    const hole = (a: number, bottom: number, c: number) =>
      problem(
        round('out', 60),
        round('out2', 60),
        round('out3', 60),
        round('a', a, 'internal'),
        groove(bottom, 'internal'),
        round('c', c, 'internal'),
      );
    expect(hole(20, 24, 20)).toBeUndefined();
    expect(hole(28, 24, 20)).toBeUndefined();
    expect(hole(28, 24, 26)).toBe(NONE('26.00', '24.00'));
  });
  it('is not judged beside what has no figures yet', () => {
    expect(problem(round('a', undefined), groove(34), round('c', 30))).toBeUndefined();
  });
});
