import { AnelloError } from '../../basics/error';
import { positive } from '../../basics/check';
import { copied } from '../copied';
import { need, type CopyMethod } from '../copyMethod';

const ON_DIAMETER = 2;

/** An indicator run along the side by the carriage, and one diameter where it was zeroed. */
export const sweepMethod: CopyMethod = {
  id: 'sweep',
  title: 'Indicator sweep',
  how: 'Between centres or running true in the chuck, run the carriage a measured travel with the indicator at centre height along the side, from the large end to the small. Then measure the diameter where it was zeroed.',
  inputs: [
    { key: 'travel', label: 'Carriage travel', instrument: 'caliper' },
    { key: 'radial', label: 'The needle moved', hint: 'on radius', instrument: 'indicator' },
    { key: 'large', label: 'Diameter where it was zeroed', instrument: 'micrometer' },
  ],
  work(measured) {
    const inputs = {
      travel: need(measured, 'travel'),
      radial: need(measured, 'radial'),
      large: need(measured, 'large'),
    };
    positive(inputs.travel.value, 'travel', 'The travel');
    positive(inputs.radial.value, 'radial', 'What the needle moved');
    if (ON_DIAMETER * inputs.radial.value >= positive(inputs.large.value, 'large', 'The diameter')) {
      throw new AnelloError('impossible', 'radial', 'The needle moved more than the whole radius there.');
    }
    return copied(inputs, {
      ratio: ({ travel, radial }) => (ON_DIAMETER * radial) / travel,
      large: ({ large }) => large,
      small: ({ large, radial }) => large - ON_DIAMETER * radial,
      length: inputs.travel.value,
    });
  },
};
