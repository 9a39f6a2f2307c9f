import { angle } from './angle';
import { bar } from './bar';
import { bumped } from './bumped';
import { chip } from './chip';
import { height } from './height';
import type { Cause, CauseFound, CauseId, Swept } from './kind';
import { lash } from './lash';
import { loose } from './loose';
import { screw } from './screw';

const CAUSES: Readonly<Record<CauseId, Cause>> = {
  angle,
  bar,
  height,
  lash,
  bumped,
  screw,
  chip,
  loose,
};

/** What a sweep shows to be wrong, what costs most first. */
export const causesOf = (swept: Swept): readonly CauseFound[] =>
  Object.values(CAUSES)
    .flatMap((cause) => cause(swept) ?? [])
    .sort((a, b) => b.costs - a.costs);
