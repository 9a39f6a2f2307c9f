import { entry, type Entry } from '../entry/entry';
import { JOB_SCHEMA } from '../forms';
import { broughtUp } from '../migrate';
import type { JobDocument } from './schema';
import { withWorkByShape } from './work/migrate';

/** A stored job of any form, brought to the present one. Error: newer-document. */
export const migrateJobDocument = (raw: unknown): JobDocument =>
  broughtUp<JobDocument>(raw, {
    what: 'job',
    present: JOB_SCHEMA,
    steps: {
      // Form 2 added ways, schools and cutting figures, form 3 eccentrics, sizing and an order of one's own:
      // what an older form said it says the same.
      1: (older) => older,
      2: (older) => older,
      3: withShorterBar,
      4: withWorkByShape,
    },
  });

/** Form 4 measures the printer by a bar of half the length form 3 did. */
function withShorterBar(older: object): object {
  const { curve } = older as { curve?: { printedBar?: Entry } };
  if (!curve?.printedBar) return older;
  return { ...older, curve: { ...curve, printedBar: entry(`${curve.printedBar.value / 2} mm`) } };
}
