import { USUAL_PASSES } from '@anello/core/cutting';
import { USUAL_TOLERANCE } from '@anello/core/taper';
import { entry, type Entry } from '../entry/entry';
import { JOB_SCHEMA } from '../forms';
import type { JobDocument } from './schema';

const mm = (value: number): Entry => entry(`${value} mm`);

/** A new job with sensible cutting figures, and nothing known of the part yet. */
export function newJobDocument(given: {
  number: string;
  title: string;
  machineId: string;
  quantity?: number;
}): JobDocument {
  return {
    schema: JOB_SCHEMA,
    number: given.number,
    title: given.title,
    quantity: given.quantity ?? 1,
    machineId: given.machineId,
    material: '',
    mate: '',
    note: '',
    features: [],
    tolerance: { grade: USUAL_TOLERANCE.grade, standOff: mm(USUAL_TOLERANCE.standOff) },
    way: null,
    cut: {
      roughDepth: mm(USUAL_PASSES.roughDepth),
      lastStock: mm(USUAL_PASSES.lastStock),
      allowance: mm(USUAL_PASSES.allowance),
    },
  };
}
