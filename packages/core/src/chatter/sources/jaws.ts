import { follows } from './follows';
import type { Source } from './kind';

/** Once for each jaw: the work gives way differently over a jaw and between two. */
export const jaws: Source = ({ turns, jaws: count }) =>
  count === null || count < 3
    ? []
    : [
        follows({ id: 'jaws', what: `Once for each of ${count} jaws`, times: count, turns }, [
          ['Grip it over more of its length, in soft jaws or a ring: it gives way between the jaws'],
        ]),
      ];
