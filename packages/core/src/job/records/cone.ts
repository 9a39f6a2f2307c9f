import { MEASURED_SO, type CopyId } from '../../old-part/copyMethod';
import { ratio } from '../../figure/figure';
import type { KindOfRecord } from './kind';

/** The cone itself measured, one of the ways an old part is copied. */
export interface Cone {
  readonly kind: 'cone';
  readonly method: CopyId;
  /** On diameter, with plus or minus (k = 2). */
  readonly ratio: number;
  readonly uncertainty: number;
}

export const cone: KindOfRecord<Cone> = {
  kind: 'cone',
  called: 'Old cones measured',
  say: (body) => [MEASURED_SO[body.method], ': ', ratio(body.ratio), ' on diameter'],
};
