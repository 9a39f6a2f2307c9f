import { PLATE } from '../usual';
import type { Source } from './kind';

/** Something that strikes or is out of balance once or twice a turn. */
export const turns: Source = ({ turns: perMinute }) =>
  ([1, 2] as const).map((times) => {
    const hz = (times * perMinute) / 60;
    return {
      id: `turns-${times}`,
      what: times === 1 ? 'Once a turn' : 'Twice a turn',
      from: hz * (1 - PLATE),
      to: hz * (1 + PLATE),
      driven: true,
      todo: [
        times === 1
          ? ['Balance the chuck or the work, or turn slower: what pulls grows by the square of the turns']
          : ['Look for work that is oval, a belt’s joint, or a key that is proud'],
      ],
    };
  });
