import { positive } from '../../basics/check';
import type { Base, Maybe } from './base';
import { DIAMETER, LENGTH, type LengthKind } from './kind';
import { straight } from './straight';

/** A thread, drawn at its nominal diameter. */
export interface Thread extends Base {
  readonly kind: 'thread';
  readonly designation: string;
  /** Nominal diameter. */
  readonly diameter?: Maybe;
  readonly pitch?: Maybe;
  readonly length?: Maybe;
}

export const thread: LengthKind<Thread> = {
  kind: 'thread',
  name: 'Thread',
  inJaws: 'marked',
  runsOut: true,
  runsTrue: true,
  sides: ['external', 'internal'],
  figures: [{ ...DIAMETER, label: 'Nominal diameter' }, { key: 'pitch', label: 'Pitch' }, LENGTH],
  begins: { designation: '' },
  outline(feature) {
    if (feature.pitch !== undefined) positive(feature.pitch, 'pitch', 'The pitch');
    return straight(feature);
  },
};
