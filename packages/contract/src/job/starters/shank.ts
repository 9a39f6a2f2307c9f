import { entry } from '../../entry/entry';
import { cylinder, fromTable, thread } from './features';
import { ask, askTaper, type Starter } from './starter';

/** A tool's shank drawn home by a bar, with a body to make the rest from. */
export const shank: Starter = {
  id: 'shank',
  name: 'Shank with drawbar thread',
  asks: [
    askTaper('morse-iso/3'),
    ask('body', 'Body, diameter', '40 mm'),
    ask('long', 'Body, length', '40 mm'),
  ],
  make: ({ figure, taper }) => {
    const size = taper('taper');
    return {
      title: `Shank, ${size.name}`,
      mate: `${size.name} sleeve`,
      features: [
        cylinder('Body', figure('body'), figure('long')),
        fromTable(size, 'external', 'headstock'),
        thread(
          'Drawbar thread',
          DRAWBAR.name,
          { diameter: entry(DRAWBAR.diameter), pitch: entry(DRAWBAR.pitch), length: entry('24 mm') },
          'internal',
        ),
      ],
    };
  },
};
/** Drawn home by a thread that most shanks from No. 3 up take. */
const DRAWBAR = { name: 'M12', diameter: '12 mm', pitch: '1.75 mm' } as const;
