import { angle, length } from '../../figure/figure';
import type { PinBlockOwned } from '../../kit/kit';
import type { SettingContext, SettingSchool, SettingStep } from '../setting';
import { angleWorking } from '../shared';
import { sweepFor } from './indicator';
import { faceTruthStep } from './slideFace';

interface Hole {
  readonly block: PinBlockOwned;
  readonly name: string;
  readonly x: number;
  readonly y: number;
}

/** The owned hole whose slope with the origin lies nearest this taper, if inside twice its band. */
export function holeFor({ task, kit }: Pick<SettingContext, 'task' | 'kit'>): Hole | null {
  const off = (hole: Hole): number => Math.abs(Math.atan2(hole.y, hole.x) - task.halfAngle);
  const holes = (kit?.pinBlocks ?? []).flatMap((block) => block.holes.map((hole) => ({ block, ...hole })));
  const best = [...holes].sort((a, b) => off(a) - off(b))[0];
  return best && off(best) <= 2 * task.tolerance.halfAngle ? best : null;
}

/** Two pins in a block make the slope; pressed to the slide's face and squared off the chuck they set it. */
export const pinsSchool: SettingSchool = {
  id: 'pins',
  title: 'Pins in a block',
  what: 'press a two-pin block to the slide’s face and square it off the chuck',
  provedBy: 'by pin block, checked by indicator',
  blocked: (_, context) =>
    holeFor(context)
      ? null
      : ['No pin block owned has a hole for this taper. Design one under Machines and kit.'],
  steps(way, context) {
    const hole = holeFor(context);
    return hole ? [faceTruthStep(context), pressStep(context, hole), sweepFor(way, context)] : [];
  },
};

function pressStep(context: SettingContext, hole: Hole): SettingStep {
  const { task } = context;
  const made = Math.atan2(hole.y, hole.x);
  const error = 2 * task.length * (Math.tan(made) - Math.tan(task.halfAngle));
  return {
    id: 'press',
    short: 'pins',
    title: [`Pins in the origin and in ${hole.name} of ${hole.block.name}`],
    detail: [
      'Square the block’s long edge off the chuck face with a good square, press both pins against the slide’s face, and lock the swivel. It makes ',
      angle(made),
      ': ',
      length(error, 0.0001, { signed: true }),
      ' on diameter over this cone.',
    ],
    figures: [
      { label: 'Along', figure: length(hole.x, 0.001) },
      { label: 'Across', figure: length(hole.y, 0.001) },
    ],
    drawing: { kind: 'pins', x: hole.x, y: hole.y, name: hole.name },
    working: [
      angleWorking(context),
      {
        tex: '\\arctan(#0 / #1) = #2',
        figures: [length(hole.y, 0.001), length(hole.x, 0.001), angle(made)],
        note: ['what the two pins make'],
      },
      {
        tex: '#0 \\times \\sin #1 = #2',
        figures: [
          length(hole.x, 0.001),
          angle(task.halfAngle),
          length(hole.x * Math.sin(task.halfAngle), 0.001),
        ],
        note: [
          'across is the tangent’s, not the sine’s: ',
          length(hole.x * (Math.tan(task.halfAngle) - Math.sin(task.halfAngle)), 0.0001),
          ' if confused',
        ],
        confusion: true,
      },
    ],
  };
}
