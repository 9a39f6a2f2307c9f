import { length } from '../../figure/figure';
import { FINE, type Cause } from './kind';

/** Single readings that jump out. */
export const chip: Cause = ({ analysis: { spikes } }) => {
  const [worst] = [...spikes].sort((a, b) => Math.abs(b.size) - Math.abs(a.size));
  return worst
    ? {
        id: 'chip',
        what: [
          spikes.length === 1
            ? 'One reading jumps out, by '
            : `${spikes.length} readings jump out, the farthest by `,
          length(worst.size, FINE, { signed: true }),
          ' at ',
          length(worst.at, 0.1),
        ],
        // Left out of all else that is said.
        costs: 0,
        todo: ['Wipe it there and read it again; they are left out of the rest'],
        check: ['A chip is gone when it is wiped, a bruise is not: stone it, or keep the contact off it'],
      }
    : null;
};
