import { PLATE } from '../usual';
import type { Source } from './kind';

/** Once for each jaw: the work gives way differently over a jaw and between two. */
export const jaws: Source = ({ turns, jaws: count }) => {
  if (count === null || count < 3) return [];
  const hz = (count * turns) / 60;
  return [
    {
      id: 'jaws',
      what: `Once for each of ${count} jaws`,
      from: hz * (1 - PLATE),
      to: hz * (1 + PLATE),
      driven: true,
      todo: [['Grip it over more of its length, in soft jaws or a ring: it gives way between the jaws']],
    },
  ];
};
