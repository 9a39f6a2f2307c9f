import type { OperationKind } from '@anello/core/plan';
import { plungesCurve } from '@anello/core/ways';
import type { JobDocument } from '../schema';
import type { Work, WorkKind } from './schema';
import { workOf, type Shape } from './shapes';

/** The operations that work each kind of shape, the usual one first. */
const WORKED_BY: Readonly<Record<WorkKind, readonly [OperationKind, ...OperationKind[]]>> = {
  taper: ['taper'],
  eccentric: ['eccentric'],
  curve: ['curve', 'plunge'],
};

const wayOf = ({ way }: Work): string | undefined => (typeof way === 'string' ? way : way?.id);

/** The operation of the line of work a shape is worked in: as the job's own order names it, or as it is always proposed. */
export function operationOf(
  document: Pick<JobDocument, 'plan' | 'work'>,
  { feature, kind }: Pick<Shape, 'feature' | 'kind'>,
): string {
  const [usual, plunged] = WORKED_BY[kind];
  const own = document.plan
    ?.flatMap((held) => held.operations)
    .find((one) => WORKED_BY[kind].includes(one.kind) && one.features.includes(feature));
  if (own) return own.id;
  const plunges = plunged !== undefined && plungesCurve(wayOf(workOf(document, feature, kind)));
  return `${plunges ? plunged : usual}-${feature}`;
}
