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
    mate: '',
    note: '',
    features: [],
    tolerance: { grade: 'AT5', standOff: entry('0.25 mm') },
    way: null,
    cut: { roughDepth: entry('0.75 mm'), lastStock: entry('0.6 mm'), allowance: entry('0.08 mm') },
  };
}
