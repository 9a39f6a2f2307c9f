import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SETTING } from '../examples.testdata';
import { toolHeightError } from '../ways/toolHeightError';
import { toolHeightStep } from './toolHeight';

const stepFor = (task: Partial<typeof SETTING.task> = {}) => {
  const whole = { ...SETTING.task, ...task };
  const step = toolHeightStep({ ...SETTING, task: whole });
  const [limit, share] = step.figures.map(({ figure }) => figure.value);
  return { task: whole, step, limit: limit!, share: share! };
};
type Drawn = Extract<NonNullable<ReturnType<typeof stepFor>['step']['drawing']>, { kind: 'height' }>;

describe('the tool set to the height of the centres', () => {
  it('so far off it spends its quarter of the zone and no more', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.6, noNaN: true }),
        fc.double({ min: 8, max: 40, noNaN: true }),
        (halfAngle, smallDiameter) => {
          const { task, limit, share } = stepFor({ halfAngle, smallDiameter });
          expect(share).toBeCloseTo(task.tolerance.overLength / 4, 12);
          const at = (height: number) =>
            Math.abs(
              toolHeightError({ smallDiameter, length: task.length, halfAngle, height }).largeDiameterError,
            );
          expect(at(limit * 0.999)).toBeLessThanOrEqual(share * 1.01);
          // No part of it is left over, but where the tool would stand off by a whole radius.
          if (limit < smallDiameter / 2.2) expect(at(limit * 1.05)).toBeGreaterThan(share);
        },
      ),
      { numRuns: 40 },
    );
  });
  it('is drawn for a tool twice as far off, and never further than it reaches the work', () => {
    const { step, limit, task } = stepFor();
    const drawing = step.drawing as Drawn;
    expect(drawing.height).toBeCloseTo(2 * limit, 12);
    const h = Math.min(2 * limit, task.smallDiameter / 2.1);
    const small = task.smallDiameter / 2;
    const slope = Math.tan(task.halfAngle);
    const end = drawing.points.at(-1)!;
    const x = Math.sqrt(small ** 2 - h ** 2) + task.length * slope;
    expect(end.off).toBeCloseTo(Math.hypot(x, h) - small - task.length * slope, 12);
    expect(drawing.points[0]!.off).toBeCloseTo(0, 12);
  });
  it('of a cone run to a point is judged from a twentieth of its large end', () => {
    const pointed = stepFor({ smallDiameter: 0 });
    const blunt = stepFor({ smallDiameter: pointed.task.largeDiameter / 20 });
    expect(pointed.limit).toBeCloseTo(blunt.limit, 12);
  });
});
