import { betweenCentres, type Maker } from './facts';

export const face: Maker = (facts) => ({
  id: 'face',
  title: betweenCentres(facts)
    ? ['Cut off, face both ends to length and centre them']
    : ['Face the outer end clean, and centre it'],
  why: betweenCentres(facts)
    ? ['Every blank must be as long as the others and as deep in its centres, or the set-over is another.']
    : ['Every length is measured from this face; the other end is faced when it has been parted off.'],
  after: [],
  caution: 'Chuck key out before the spindle turns.',
});

export const partOff: Maker = (facts) =>
  betweenCentres(facts)
    ? null
    : {
        id: 'part-off',
        title: ['Part off last, the tool’s own width in the sum; turn it round and face that end to length'],
        why: ['Until then there is length to hold by.'],
        after: [],
      };

export const deburr: Maker = (facts) => ({
  id: 'deburr',
  title: ['Break the edges, clean, and record it'],
  why: ['A burr holds a taper off its seat.'],
  after: betweenCentres(facts) ? [] : [{ id: 'part-off', danger: 'The parted face still carries its burr.' }],
});
