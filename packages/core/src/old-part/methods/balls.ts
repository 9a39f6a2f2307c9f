import { boreBetweenBalls } from '../../gauging/boreBetweenBalls';
import { ratioOf } from '../../taper/solve';
import { copied, type Formula } from '../copied';
import { need, type CopyMethod } from '../copyMethod';

type Key = 'largeBall' | 'smallBall' | 'largeBallDepth' | 'smallBallDepth';
const KEYS: readonly Key[] = ['largeBall', 'smallBall', 'largeBallDepth', 'smallBallDepth'];

const ratioFrom: Formula<Key> = (v) => ratioOf(boreBetweenBalls(v).halfAngle);
const mouthFrom: Formula<Key> = (v) => boreBetweenBalls(v).mouthDiameter;

/** A socket from two balls dropped into it, one after the other, and their depths from the face. */
export const ballsMethod: CopyMethod = {
  id: 'balls',
  title: 'Two balls in a bore',
  how: 'Drop the small ball in and measure from the face to its top; take it out, drop the large one in and measure again. A ball that stands proud counts as less than nothing.',
  inputs: [
    { key: 'largeBall', label: 'Large ball', instrument: 'micrometer', exact: true },
    { key: 'smallBall', label: 'Small ball', instrument: 'micrometer', exact: true },
    {
      key: 'largeBallDepth',
      label: 'Face to the large ball',
      hint: 'minus when it stands proud',
      instrument: 'depth',
    },
    { key: 'smallBallDepth', label: 'Face to the small ball', instrument: 'depth' },
  ],
  work(measured) {
    const inputs = Object.fromEntries(KEYS.map((k) => [k, need(measured, k)])) as Record<
      Key,
      ReturnType<typeof need>
    >;
    const at = Object.fromEntries(KEYS.map((k) => [k, inputs[k].value])) as Record<Key, number>;
    boreBetweenBalls(at);
    const deep = at.smallBallDepth + at.smallBall / 2;
    return copied(inputs, {
      ratio: ratioFrom,
      large: mouthFrom,
      small: (v) => mouthFrom(v) - deep * ratioFrom(v),
      length: deep,
    });
  },
};
