import { PLATE } from '../usual';
import type { Source } from './kind';

/** Each tooth of a gear that turns with the spindle. */
export const gears: Source = ({ turns, teeth = [] }) =>
  teeth.map((count) => {
    const hz = (count * turns) / 60;
    return {
      id: `gear-${count}`,
      what: `Each tooth of the gear of ${count}`,
      from: hz * (1 - PLATE),
      to: hz * (1 + PLATE),
      driven: true,
      todo: [
        ['Set its mesh by a slip of paper, oil it, or take the train out of mesh where the cut needs none'],
        ['Turn in open belt where the lathe has it'],
      ],
    };
  });
