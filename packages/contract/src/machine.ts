import { AnelloError } from '@anello/core/basics';
import type { Lathe } from '@anello/core/machine';
import { valuesOf } from './entry';
import { MACHINE_SCHEMA } from './forms';
import type { MachineDocument } from './schema/machine';

/** The lathe as the core computes with it. */
export function coreLathe(document: MachineDocument): Lathe {
  return valuesOf(document);
}

interface FirstForm {
  readonly attachment: { readonly division: unknown } | null;
}

/** A stored lathe of any form, brought to the present one. Error: newer-document. */
export function migrateMachineDocument(raw: unknown): MachineDocument {
  const schema = (raw as { schema?: unknown } | null)?.schema;
  if (schema === MACHINE_SCHEMA) return raw as MachineDocument;
  if (typeof schema === 'number' && schema > MACHINE_SCHEMA) {
    throw new AnelloError(
      'newer-document',
      'schema',
      `This lathe was written by a newer Anello (form ${schema}); this one reads form ${MACHINE_SCHEMA}.`,
    );
  }
  // Form 3 may say its spindle speeds; everything form 2 said it says the same.
  if (schema === 2) return { ...(raw as MachineDocument), schema: MACHINE_SCHEMA };
  return fromFirst(raw as FirstForm);
}

/** Form 1 knew one kind of bar scale, and nothing of chucks, spindle, gears or readout. */
function fromFirst(first: FirstForm): MachineDocument {
  const bar = first.attachment;
  const { division, ...rest } = bar ?? { division: null };
  return {
    ...(first as unknown as MachineDocument),
    schema: MACHINE_SCHEMA,
    archived: false,
    attachment: bar
      ? ({ ...rest, scale: { unit: 'half-angle', division } } as MachineDocument['attachment'])
      : null,
    readout: null,
    spindle: { taper: '' },
    chucks: [],
    changeGears: [],
    minutes: {},
  };
}
