import { bow } from './bow';
import { flat } from './flat';
import { sine } from './sine';
import { step } from './step';
import type { Term, TermId } from './kind';

const TERMS: Readonly<Record<TermId, Term>> = { bow, flat, step, sine };

export const termOf = (id: TermId): Term => TERMS[id];
