import { angle, length } from '../../figure/figure';
import type { SettingContext, SettingSchool, SettingStep } from '../setting';
import { angleWorking, bandNote, climb } from '../shared';
import { stationsAlong } from '../stations';

/** A wide tool's edge clocked along the carriage before it cuts. */
export const edgeSchool: SettingSchool = {
  id: 'edge',
  title: 'Clock the edge',
  what: 'hone the edge straight, then run it past an indicator by the carriage',
  provedBy: 'edge clocked along the carriage',
  blocked: () => null,
  steps: (_, context) => [honeStep(context), edgeSweep(context)],
};

function honeStep(context: SettingContext): SettingStep {
  const { task } = context;
  const edge = task.length / Math.cos(task.halfAngle);
  return {
    id: 'hone',
    short: 'edge',
    title: ['Grind and hone the edge to ', angle(task.halfAngle), ' of the axis'],
    detail: [
      'Straight within what the part allows, no rake on top so that the angle is the angle. Break the two corners so that they do not squeal.',
    ],
    figures: [{ label: 'Edge at least', figure: length(edge, 0.1), after: 'long' }],
    caution: 'A quarter of the turning speed, everything short and tight: a wide edge grabs and chatters.',
    working: [
      angleWorking(context),
      {
        tex: '#0 / \\cos #1 = #2',
        figures: [length(task.length, 0.1), angle(task.halfAngle), length(edge, 0.1)],
        note: ['length of the slope'],
      },
    ],
  };
}

function edgeSweep(context: SettingContext): SettingStep {
  const { task, lathe } = context;
  const stations = stationsAlong(task.length, 'axis', task);
  const last = stations.at(-1);
  return {
    id: 'edge.sweep',
    short: 'clock the edge',
    title: ['Run the carriage ', length(task.length, 0.1), ' with an indicator’s point on the edge'],
    detail: ['Indicator in the chuck or on the bed, at centre height. Zero at the small end of the edge.'],
    figures: [
      { label: 'Edge climbs', figure: length(last?.expected ?? 0, lathe.indicator), after: 'on radius' },
    ],
    sweep: climb(context, { label: 'Carriage', travelAlong: 'axis', stations }),
    proves: true,
    ...(last ? { bandNote: bandNote(context, last) } : {}),
    caution: 'Spindle stopped and out of gear: the edge is sharp and the point delicate.',
    working: [
      angleWorking(context),
      {
        tex: '#0 \\times \\tan #1 = #2',
        figures: [length(task.length, 0.1), angle(task.halfAngle), length(last?.expected ?? 0, 0.0001)],
        note: ['the carriage runs along the bed'],
      },
      {
        tex: '#0 \\times \\tan #1 = #2',
        figures: [
          length(task.length, 0.1),
          angle(2 * task.halfAngle),
          length(task.length * Math.tan(2 * task.halfAngle), 0.0001),
        ],
        note: ['that is for the included angle'],
        confusion: true,
      },
    ],
  };
}
