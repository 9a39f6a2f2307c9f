import { AnelloError } from '../../basics/error';
import { angle, count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { sineBarStack } from '../../kit/sineBarStack';
import { stackWithWear, type WearStack } from '../../kit/stackWithWear';
import type { BlockSet, SineBar } from '../../kit/kit';
import type { SettingContext, SettingSchool, SettingStep, StepTable } from '../setting';
import { angleWorking } from '../shared';
import { sweepFor } from './indicator';
import { faceTruthStep } from './slideFace';

/** A sine bar on its stack is a slope made to measure: press it to the slide's face, or sweep it still. */
export const sineBarSchool: SettingSchool = {
  id: 'sine-bar',
  title: 'Sine bar and blocks',
  what: 'stand a sine bar on gauge blocks and press it against the slide’s face',
  provedBy: 'by sine bar and blocks, checked by indicator',
  blocked(_, { kit }) {
    if ((kit?.sineBars.length ?? 0) === 0) return ['No sine bar is among the things owned.'];
    return (kit?.blocks.length ?? 0) === 0 ? ['No gauge blocks are among the things owned.'] : null;
  },
  steps(way, context) {
    const bar = context.kit?.sineBars[0];
    const set = context.kit?.blocks[0];
    if (!bar || !set) return [];
    return [
      ...(way.device === 'compound' ? [faceTruthStep(context)] : []),
      stackStep(context, bar, set),
      sweepFor(way, context),
    ];
  },
};

function stackStep(context: SettingContext, bar: SineBar, set: BlockSet): SettingStep {
  const { task } = context;
  const { stack: wanted } = sineBarStack({ barLength: bar.length, angle: task.halfAngle });
  const found = tryStack(context, set, wanted);
  const made = found instanceof AnelloError ? null : found;
  const got = made ? Math.asin(made.total / bar.length) : task.halfAngle;
  return {
    id: 'stack',
    short: 'stack',
    title: made
      ? ['Stand the sine bar on ', length(made.total, 0.0001, { system: 'mm' })]
      : ['The sine bar wants a stack that this set cannot make'],
    detail: found instanceof AnelloError ? found.phrase : stackDetail(bar, set, got - task.halfAngle, task),
    figures: [
      {
        label: 'Under one roller',
        figure: length(wanted, 0.0001, { system: 'mm' }),
        after: made && made.error === 0 ? 'exactly' : 'wanted',
      },
    ],
    ...(made ? { table: blockTable(made) } : {}),
    uses: [bar.name, set.name],
    drawing: { kind: 'sine-bar', length: bar.length, stack: made?.total ?? wanted, angle: got },
    working: [
      angleWorking(context),
      {
        tex: '#0 \\times \\sin #1 = #2',
        figures: [length(bar.length, 0.001), angle(task.halfAngle), length(wanted, 0.0001)],
        note: ['roller centres times the sine'],
      },
      {
        tex: '#0 \\times \\sin #1 = #2',
        figures: [
          length(bar.length, 0.001),
          angle(2 * task.halfAngle),
          length(bar.length * Math.sin(2 * task.halfAngle), 0.0001),
        ],
        note: ['that is for the included angle: the cone would come out twice as steep'],
        confusion: true,
      },
    ],
  };
}

/** What a block of half a micrometre is worth on a bar needs finer than whole seconds. */
const TENTH_SECOND = Math.PI / 180 / 36_000;

function stackDetail(bar: SineBar, set: BlockSet, off: number, task: SettingContext['task']): Phrase {
  const error = 2 * task.length * (Math.tan(task.halfAngle + off) - Math.tan(task.halfAngle));
  return [
    `${bar.name} on a true test bar or a parallel clocked along the bed, the stack from the ${set.name} under the roller at the small end. Bring the slide’s face up until no light shows. `,
    Math.abs(off) < 1e-9 ? 'Left over: nothing.' : 'Left over: ',
    ...(Math.abs(off) < 1e-9
      ? []
      : [angle(off, TENTH_SECOND), ', ', length(error, 0.0001, { signed: true }), ' on diameter.']),
  ];
}

function tryStack(
  { blocksInUse = [], withoutWear = false }: SettingContext,
  set: BlockSet,
  target: number,
): WearStack | AnelloError {
  try {
    return stackWithWear({ target, set, used: blocksInUse, withWear: !withoutWear });
  } catch (error) {
    if (error instanceof AnelloError) return error;
    throw error;
  }
}

function blockTable({ blocks, wear }: WearStack): StepTable {
  const [first, last] = [wear[0], wear[1]];
  const row = (what: Phrase, block: number): Phrase[] => [what, [length(block, 0.0001, { system: 'mm' })]];
  return {
    caption: 'The stack, from the plate up',
    head: ['Block', 'Size'],
    rows: [
      ...(first === undefined ? [] : [row(['wear block'], first)]),
      ...blocks.map((block, index) => row([count(index + 1)], block)),
      ...(last === undefined ? [] : [row(['wear block'], last)]),
    ],
  };
}
