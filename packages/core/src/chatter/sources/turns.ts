import { follows } from './follows';
import type { Source } from './kind';

/** Something that strikes or is out of balance once or twice a turn. */
export const turns: Source = ({ turns: perMinute }) => [
  follows({ id: 'turns-1', what: 'Once a turn', times: 1, turns: perMinute }, [
    ['Balance the chuck or the work, or turn slower: what pulls grows by the square of the turns'],
  ]),
  follows({ id: 'turns-2', what: 'Twice a turn', times: 2, turns: perMinute }, [
    ['Look for work that is oval, a belt’s joint, or a key that is proud'],
  ]),
];
