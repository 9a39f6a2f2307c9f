import { USUAL_PASSES } from '@anello/core/cutting';
import { entry } from '../entry/entry';
import { JOB_SCHEMA } from '../forms';
import type { JobDocument } from './schema';

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
    note: '',
    features: [],
    work: {},
    cut: { roughDepth: entry(`${USUAL_PASSES.roughDepth} mm`) },
  };
}
