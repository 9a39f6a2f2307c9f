import { USUAL_LATHE, USUAL_SCALE_DIVISION } from '@anello/core/machine';
import { entry } from '../entry/entry';
import { MACHINE_SCHEMA } from '../forms';
import type { MachineDocument } from './schema';

type Part<K extends 'readout' | 'compound' | 'attachment' | 'tailstock'> = NonNullable<MachineDocument[K]>;
type Scale = Part<'attachment'>['scale'];
const usual = USUAL_LATHE;
const angle = (typed: string) => entry(typed, 'angle');

/** A division that suits each kind of scale, when the kind is changed. */
export const usualDivision = (unit: Scale['unit']) =>
  entry(USUAL_SCALE_DIVISION[unit], unit === 'half-angle' || unit === 'included' ? 'angle' : 'taper');

/** What a lathe is given where it turns out to have one: usual figures, to be measured. */
export const newReadout = (): Part<'readout'> => ({
  resolution: entry(usual.readout.resolution),
  reads: 'diameter',
});
export const newCompound = (): Part<'compound'> => ({
  travel: entry(usual.compound.travel),
  division: angle(usual.compound.division),
  zero: 'along',
});
export const newAttachment = (): Part<'attachment'> => ({
  kind: 'plain',
  maxHalfAngle: angle(usual.attachment.maxHalfAngle),
  barTravel: entry(usual.attachment.barTravel),
  pivotLength: entry(usual.attachment.pivotLength),
  indicatedEnd: 'tailstock',
  scale: { unit: 'half-angle', division: usualDivision('half-angle') },
  lash: entry(usual.attachment.lash),
});
export const newTailstock = (): Part<'tailstock'> => ({
  limit: entry(usual.tailstock.limit),
  division: entry(usual.tailstock.division),
});

/** A lathe nobody has measured yet. */
export const newMachine = (name: string): MachineDocument => ({
  schema: MACHINE_SCHEMA,
  name,
  note: '',
  archived: false,
  centreDistance: entry(usual.centreDistance),
  swing: entry(usual.swing),
  compound: newCompound(),
  attachment: null,
  tailstock: newTailstock(),
  dial: { division: entry(usual.dial.division), reads: 'diameter', units: 'mm' },
  indicator: entry(usual.indicator),
  readout: null,
  spindle: { taper: '' },
  chucks: [],
  changeGears: [],
  minutes: {},
});
