import { describe, expect, it } from 'vitest';
import * as core from './index';
import { VECTORS } from './vectors.testdata';

type Plain = Record<string, unknown>;

function expectClose(got: unknown, wanted: unknown, path: string): void {
  if (typeof wanted === 'number') {
    expect(Math.abs((got as number) - wanted), path).toBeLessThanOrEqual(
      1e-9 * Math.max(1e-6, Math.abs(wanted)),
    );
    return;
  }
  for (const [key, value] of Object.entries(wanted as Plain))
    expectClose((got as Plain)[key], value, `${path}.${key}`);
}

describe('the checked vectors', () => {
  it.each(VECTORS)('$fn $input', ({ fn, input, expect: wanted }) => {
    const call = (core as unknown as Record<string, (input: object) => unknown>)[fn];
    expectClose(call?.(input), wanted, fn);
  });
});

describe('nonsense is refused with the field named, never answered with NaN', () => {
  const cases: [string, object, string, string][] = [
    ['tailstockSetOver', { workLength: -5, halfAngle: 0.02 }, 'out-of-range', 'workLength'],
    ['tailstockSetOver', { workLength: 100, halfAngle: NaN }, 'not-finite', 'halfAngle'],
    ['compoundCheck', { halfAngle: 2, slideTravel: 10 }, 'out-of-range', 'halfAngle'],
    ['halfAngleFromIndicator', { travel: 10, radial: 11, travelAlong: 'slide' }, 'impossible', 'radial'],
    ['attachmentCheck', { halfAngle: 0, carriageTravel: 50, lash: 0.1 }, 'out-of-range', 'halfAngle'],
    ['attachmentCheck', { halfAngle: 0.02, carriageTravel: 50, lash: -0.1 }, 'out-of-range', 'lash'],
    [
      'attachmentBarShift',
      { pivotLength: 0, fromHalfAngle: 0, toHalfAngle: 0.02 },
      'out-of-range',
      'pivotLength',
    ],
    ['stockFromStandOff', { standOff: Infinity, halfAngle: 0.02 }, 'not-finite', 'standOff'],
    ['advanceFromInfeed', { infeed: 0.1, dial: 'radius', halfAngle: 0 }, 'out-of-range', 'halfAngle'],
    ['toolHeightError', { smallDiameter: 4, length: 20, halfAngle: 0.02, height: 2 }, 'impossible', 'height'],
    ['ratioErrorFromSwing', { swing: 0.1, distance: 0 }, 'out-of-range', 'distance'],
  ];
  it.each(cases)('%s %o → %s at %s', (fn, input, code, field) => {
    const call = (core as unknown as Record<string, (input: object) => unknown>)[fn];
    expect(() => call?.(input)).toThrow(expect.objectContaining({ code, field }));
  });
});
