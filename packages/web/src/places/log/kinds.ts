import type { LogRow } from '@anello/contract';
import type { RecordKind } from '@anello/core/job';

/** What kinds of kept rows are called when they are looked for. */
export const KIND_NAMES: Readonly<Record<Exclude<RecordKind, 'withdrawn'>, string>> = {
  verdict: 'Verdicts',
  'setting-kept': 'Settings proved',
  nudge: 'Nudges',
  reading: 'Readings of a setting',
  swept: 'Sweeps',
  step: 'Steps of setting',
  pass: 'Passes',
  measured: 'Diameters between passes',
  sized: 'Sizes measured',
  worked: 'Operations done',
  'stand-off': 'Stand-offs in a gauge',
  contact: 'Marks of blue',
  felt: 'What a hand felt',
  held: 'Work dialled in',
  thrown: 'Throws read',
  travel: 'Travel of an eccentric',
  made: 'What was made of an eccentric',
  shaped: 'Steps of a curve',
  curve: 'Curves measured',
  crept: 'Drawings that crept',
  joint: 'Joints measured',
  cone: 'Old cones measured',
  piece: 'Pieces begun',
  note: 'Notes',
  photo: 'Photos',
};

/** The step of a shape in which a kind of row is kept; the others are read on the record. */
const STEP: Partial<Record<RecordKind, string>> = {
  step: 'set',
  reading: 'set',
  swept: 'set',
  nudge: 'set',
  'setting-kept': 'set',
  pass: 'cut',
  measured: 'cut',
  'stand-off': 'prove',
  contact: 'prove',
  felt: 'prove',
};
/** Operations that have a loop of their own begin so. */
const LOOP = /^(taper|eccentric|curve|plunge)-/;

/** Where in its job a row was kept. */
export function placeOf({ record }: Pick<LogRow, 'record'>): string {
  const { jobId, operation, feature, body } = record;
  const job = `/job/${encodeURIComponent(jobId)}`;
  if (operation && !LOOP.test(operation)) return `${job}/work/${encodeURIComponent(operation)}`;
  const step = STEP[body.kind];
  if (!step) return `${job}/record`;
  return feature ? `${job}/${step}/${encodeURIComponent(feature)}` : `${job}/${step}`;
}
