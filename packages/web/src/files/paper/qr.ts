import qrcode from 'qrcode-generator';
import type { Mark } from '../sheet';

/** Read again with up to a seventh of it under oil. */
const CORRECTION = 'M';
/** White round it, in modules, without which readers do not see where it begins. */
export const QUIET = 4;

/** A text as a square to be read by a tablet, `size` mm wide with the white round it, from its lower left corner. */
export function qrMarks(text: string, x: number, y: number, size: number): Mark[] {
  const code = qrcode(0, CORRECTION);
  code.addData(text, 'Byte');
  code.make();
  const count = code.getModuleCount();
  const module = size / (count + 2 * QUIET);
  const marks: Mark[] = [];
  for (let row = 0; row < count; row++)
    for (let from = 0; from < count; from++) {
      let to = from;
      while (to < count && code.isDark(row, to)) to++;
      if (to === from) continue;
      marks.push({
        kind: 'block',
        pen: 'part',
        x: x + (QUIET + from) * module,
        y: y + size - (QUIET + row + 1) * module,
        width: (to - from) * module,
        height: module,
      });
      from = to;
    }
  return marks;
}
