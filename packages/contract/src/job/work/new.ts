import { USUAL_PASSES } from '@anello/core/cutting';
import { USUAL_TOLERANCE } from '@anello/core/taper';
import { entry, type Entry } from '../../entry/entry';
import type { WorkKind, WorkOf } from './schema';

const mm = (value: number): Entry => entry(`${value} mm`);

/** A shape's work before anything is said of it: usual figures, no way chosen. */
const NEW: { readonly [K in WorkKind]: () => WorkOf<K> } = {
  taper: () => ({
    kind: 'taper',
    mate: '',
    tolerance: { grade: USUAL_TOLERANCE.grade, standOff: mm(USUAL_TOLERANCE.standOff) },
    way: null,
    cut: { lastStock: mm(USUAL_PASSES.lastStock), allowance: mm(USUAL_PASSES.allowance) },
  }),
  eccentric: () => ({ kind: 'eccentric', mate: '' }),
  curve: () => ({ kind: 'curve', mate: '' }),
};

export const newWork = <K extends WorkKind>(kind: K): WorkOf<K> => NEW[kind]();
