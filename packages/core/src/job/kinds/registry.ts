import type { JobFacts } from '../facts';
import { curveKind } from './curve';
import { eccentricKind } from './eccentric';
import type { JobKind } from './kind';
import { plainKind } from './plain';
import { taperKind } from './taper';

/** Every kind of job, the most particular first; a new one is a file beside these and its line here. */
const JOB_KINDS: readonly JobKind[] = [eccentricKind, curveKind, taperKind, plainKind];

/** What kind of job these facts are of. */
export const jobKindOf = (facts: JobFacts): JobKind => JOB_KINDS.find((kind) => kind.is(facts)) ?? plainKind;
