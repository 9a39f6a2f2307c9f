import { MACHINE_SCHEMA } from '../forms';
import { broughtUp } from '../migrate';
import type { MachineDocument } from './schema';

/** A stored lathe of any form, brought to the present one. Error: newer-document. */
export const migrateMachineDocument = (raw: unknown): MachineDocument =>
  broughtUp<MachineDocument>(raw, {
    what: 'lathe',
    present: MACHINE_SCHEMA,
    steps: {
      1: (older) => fromFirst(older as FirstForm),
      // Form 3 may say its spindle speeds; everything form 2 said it says the same.
      2: (older) => older,
    },
  });

interface FirstForm {
  readonly attachment: { readonly division: unknown } | null;
}

/** Form 1 knew one kind of bar scale, and nothing of chucks, spindle, gears or readout. */
function fromFirst(first: FirstForm): object {
  const { division, ...rest } = first.attachment ?? { division: null };
  return {
    ...first,
    archived: false,
    attachment: first.attachment ? { ...rest, scale: { unit: 'half-angle', division } } : null,
    readout: null,
    spindle: { taper: '' },
    chucks: [],
    changeGears: [],
    minutes: {},
  };
}
