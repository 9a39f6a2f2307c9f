import { AnelloError } from '../basics/error';
import { identifyTaper, type Identification } from '../taper/identifyTaper';
import type { TaperSize } from '../taper/series/series';
import type { Measured } from '../uncertainty/propagate';
import type { CopiedTaper, CopyId, CopyMethod } from './copyMethod';
import { ballsMethod } from './methods/balls';
import { diametersMethod } from './methods/diameters';
import { rollersMethod } from './methods/rollers';
import { sweepMethod } from './methods/sweep';

/** Every way of measuring an old taper, in the order offered. */
export const COPY_METHODS: readonly CopyMethod[] = [diametersMethod, rollersMethod, ballsMethod, sweepMethod];

/** A method by its id. */
export const copyMethod = (id: CopyId): CopyMethod => COPY_METHODS.find((m) => m.id === id) as CopyMethod;

export interface Copied {
  readonly taper: CopiedTaper;
  readonly identified: Identification;
}

/**
 * An old part's taper by one method from what was measured, and the standard sizes nearest to it. The shop's own
 * tapers are looked through as well. Errors: as the method's, at the input's key; not-finite for one left out.
 *
 * @example
 * copyTaper('diameters', {
 *   large: { value: 24, uncertainty: 0.005 },
 *   small: { value: 20, uncertainty: 0.005 },
 *   along: { value: 80, uncertainty: 0.02 },
 * }).taper.ratio.value
 * // → 0.05
 */
export function copyTaper(
  id: CopyId,
  measured: Readonly<Record<string, Measured>>,
  own: readonly TaperSize[] = [],
): Copied {
  const method = copyMethod(id);
  for (const { key, label } of method.inputs) {
    const { value, uncertainty } = measured[key] ?? { value: Number.NaN, uncertainty: 0 };
    if (!Number.isFinite(value) || !Number.isFinite(uncertainty))
      throw new AnelloError('not-finite', key, `Still missing: ${label.toLowerCase()}.`);
  }
  const taper = method.work(measured);
  return { taper, identified: identifyTaper({ ...asMeasured(taper), own }) };
}

/** Both ends' uncertainty as the one figure identifyTaper works with: that which gives the ratio's own. */
function asMeasured({ ratio, large, small, length }: CopiedTaper): {
  largeDiameter: number;
  smallDiameter: number;
  length: number;
  uncertainty: number;
} {
  return {
    largeDiameter: large?.value ?? 0,
    smallDiameter: small?.value ?? 0,
    length,
    uncertainty: Math.max((ratio.uncertainty * length) / Math.SQRT2, 1e-7),
  };
}
