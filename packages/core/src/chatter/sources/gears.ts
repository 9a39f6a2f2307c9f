import { follows } from './follows';
import type { Source } from './kind';

/** Each tooth of a gear that turns with the spindle. */
export const gears: Source = ({ turns, teeth = [] }) =>
  teeth.map((count) =>
    follows({ id: `gear-${count}`, what: `Each tooth of the gear of ${count}`, times: count, turns }, [
      ['Set its mesh by a slip of paper, oil it, or take the train out of mesh where the cut needs none'],
      ['Turn in open belt where the lathe has it'],
    ]),
  );
