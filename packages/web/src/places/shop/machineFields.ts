import { newAttachment, newCompound, newReadout, newTailstock } from '@anello/contract';
import { choice, figure, must, type FormField } from '../../ui/formField';

export interface MachineGroup {
  /** The part of the document; empty for the document itself. */
  readonly key: '' | 'dial' | 'readout' | 'compound' | 'attachment' | 'tailstock' | 'spindle';
  readonly title: string;
  /** What is put in when the lathe turns out to have one: usual figures, to be measured. */
  readonly usual?: () => object;
  readonly fields: readonly FormField[];
}

const RADIUS = { radius: 'radius', diameter: 'diameter' };

/** Every box of a lathe's record, in the order one walks round it. */
export const MACHINE_GROUPS: readonly MachineGroup[] = [
  {
    key: '',
    title: 'The lathe',
    fields: [
      { kind: 'text', key: 'name', label: 'Name' },
      must('centreDistance', 'Between centres'),
      must('swing', 'Swing over the bed'),
      figure('swingOverSlide', 'Swing over the cross-slide'),
      must('indicator', 'Setting indicator reads to'),
      figure('leadScrew', 'Lead screw, pitch'),
    ],
  },
  {
    key: 'spindle',
    title: 'Spindle',
    fields: [figure('bore', 'Bore through it'), { kind: 'text', key: 'taper', label: 'Taper in its nose' }],
  },
  {
    key: 'dial',
    title: 'Cross-slide dial',
    fields: [
      must('division', 'One division'),
      choice('reads', 'It reads', RADIUS),
      choice('units', 'It is cut in', { mm: 'millimetres', inch: 'inches' }),
      figure('screwLead', 'Slide moves in one turn'),
    ],
  },
  {
    key: 'readout',
    title: 'Readout',
    usual: newReadout,
    fields: [must('resolution', 'It shows'), choice('reads', 'Across, it reads', RADIUS)],
  },
  {
    key: 'compound',
    title: 'Compound slide',
    usual: newCompound,
    fields: [
      must('travel', 'Travel'),
      must('division', 'Its degree scale, one division', 'angle'),
      choice('zero', 'The scale’s zero lies', { along: 'along the bed', across: 'across the bed' }),
      figure('dialDivision', 'Its dial, one division'),
      figure('screwLead', 'Slide moves in one turn'),
      figure('feedAngle', 'Feeds in at, from the axis', 'angle'),
      figure('handleReach', 'Tool’s point to the handle’s end'),
      figure('handleOut', 'Tool’s point to slide’s middle'),
    ],
  },
  {
    key: 'attachment',
    title: 'Taper attachment',
    usual: newAttachment,
    fields: [
      choice('kind', 'Kind', { plain: 'plain', telescopic: 'telescopic' }),
      must('barTravel', 'Carriage travel along the bar'),
      must('maxHalfAngle', 'Steepest half angle', 'angle'),
      must('pivotLength', 'Pivot to the indicated end'),
      choice('indicatedEnd', 'Bar is read at its end toward', {
        headstock: 'the headstock',
        tailstock: 'the tailstock',
      }),
      must('lash', 'Lash, across'),
      figure('barLength', 'Length of the bar'),
      figure('turnsPerDegree', 'Turns of its knob for a degree', 'number'),
    ],
  },
  {
    key: 'tailstock',
    title: 'Tailstock that sets over',
    usual: newTailstock,
    fields: [
      must('limit', 'Sets over by'),
      must('division', 'Its scale, one division'),
      figure('barrelReach', 'Barrel out, with a centre in'),
      figure('bodyRadius', 'Axis to the side of its body'),
    ],
  },
];

export const SCALE_CHOICE = choice('unit', 'Its scale is in', {
  'half-angle': 'degrees, half angle',
  included: 'degrees, included',
  'per-foot': 'taper per foot',
  'mm-per-m': 'mm per m, on diameter',
});
