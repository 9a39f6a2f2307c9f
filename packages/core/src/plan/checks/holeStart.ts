import { drill } from '../operations/drill';
import { holeNow } from '../operations/hole';
import type { Check } from './kind';

/** A drill in solid metal follows its centre; one in a hole follows that, and grabs where it breaks in. */
export const holeStart: Check = {
  id: 'hole-start',
  say: ({ kind, section, moment }) =>
    !section || kind !== drill
      ? null
      : [
          holeNow(moment, section) > 0
            ? 'It opens a hole that is there: fed slowly, or it grabs and draws itself in.'
            : 'Started from a centre, or it wanders.',
        ],
};
