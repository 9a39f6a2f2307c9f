import { AnelloError } from '../../basics/error';
import { positive } from '../../basics/check';
import { halfAngleOverRollers } from '../../gauging/halfAngleOverRollers';
import { smallEndOverRollers } from '../../gauging/smallEndOverRollers';
import { ratioOf } from '../../taper/solve';
import { copied, type Formula } from '../copied';
import { need, type CopyMethod } from '../copyMethod';

type Key = 'roller' | 'lower' | 'upper' | 'height';

const angleOf: Formula<Key> = ({ lower, upper, height }) =>
  halfAngleOverRollers({ lower, upper, height }).halfAngle;
const smallOf: Formula<Key> = (v) =>
  smallEndOverRollers({ measurement: v.lower, rollerDiameter: v.roller, halfAngle: angleOf(v) })
    .smallDiameter;

/** A shank standing on its small end, measured over two equal rollers on the plate and again raised on blocks. */
export const rollersMethod: CopyMethod = {
  id: 'rollers',
  title: 'Over two rollers',
  how: 'Stand the shank on its small end on a plate. Measure over two equal rollers beside it, then over the same rollers raised on two equal stacks of blocks.',
  inputs: [
    { key: 'roller', label: 'Rollers', instrument: 'micrometer', exact: true },
    { key: 'lower', label: 'Over them on the plate', instrument: 'micrometer' },
    { key: 'upper', label: 'Over them raised', instrument: 'micrometer' },
    { key: 'height', label: 'Raised by', hint: 'the stack of blocks', instrument: 'micrometer', exact: true },
  ],
  work(measured) {
    const inputs: Record<Key, ReturnType<typeof need>> = {
      roller: need(measured, 'roller'),
      lower: need(measured, 'lower'),
      upper: need(measured, 'upper'),
      height: need(measured, 'height'),
    };
    positive(inputs.height.value, 'height', 'The height');
    positive(inputs.lower.value, 'lower', 'The measurement');
    if (inputs.upper.value <= inputs.lower.value) {
      throw new AnelloError(
        'impossible',
        'upper',
        'Raised, it must measure more: is it standing on its small end?',
      );
    }
    smallEndOverRollers({
      measurement: inputs.lower.value,
      rollerDiameter: inputs.roller.value,
      halfAngle: angleOf(values(inputs)),
    });
    return copied(inputs, {
      ratio: (v) => ratioOf(angleOf(v)),
      large: (v) => smallOf(v) + v.height * ratioOf(angleOf(v)),
      small: smallOf,
      length: inputs.height.value,
    });
  },
};

const values = (inputs: Readonly<Record<Key, { value: number }>>): Record<Key, number> => ({
  roller: inputs.roller.value,
  lower: inputs.lower.value,
  upper: inputs.upper.value,
  height: inputs.height.value,
});
