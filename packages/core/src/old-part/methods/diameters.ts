import { AnelloError } from '../../basics/error';
import { positive } from '../../basics/check';
import { copied } from '../copied';
import { need, type CopyMethod } from '../copyMethod';

/** Two diameters a known distance apart. */
export const diametersMethod: CopyMethod = {
  id: 'diameters',
  title: 'Two diameters',
  how: 'Measure two diameters as far apart as the cone allows, and the distance between the two places. Wipe it, stone off the bruises, and avoid the worn end.',
  inputs: [
    { key: 'large', label: 'Larger diameter', instrument: 'micrometer' },
    { key: 'small', label: 'Smaller diameter', instrument: 'micrometer' },
    { key: 'along', label: 'Distance between them', instrument: 'caliper' },
  ],
  work(measured) {
    const inputs = {
      large: need(measured, 'large'),
      small: need(measured, 'small'),
      along: need(measured, 'along'),
    };
    positive(inputs.along.value, 'along', 'The distance');
    positive(inputs.small.value, 'small', 'The smaller diameter');
    if (inputs.small.value >= positive(inputs.large.value, 'large', 'The larger diameter')) {
      throw new AnelloError(
        'impossible',
        'small',
        'The smaller diameter is not smaller than the larger one.',
      );
    }
    return copied(inputs, {
      ratio: ({ large, small, along }) => (large - small) / along,
      large: ({ large }) => large,
      small: ({ small }) => small,
      length: inputs.along.value,
    });
  },
};
