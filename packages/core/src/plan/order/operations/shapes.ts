import { groove, orderFor, type Maker } from './facts';

export const outsideThread: Maker = ({ has, way }) => {
  const { threading } = orderFor(way);
  return has((f) => f.kind === 'thread' && f.side === 'external')
    ? {
        id: 'thread',
        title: ['Cut the outside thread'],
        why: [
          'From the same chucking as the seat beside it, or from the reference ring, so that the nut pulls square.',
        ],
        after: [
          ...(has(groove)
            ? [{ id: 'grooves' as const, danger: 'The threading tool has no relief to run out into.' }]
            : []),
          ...(threading ? [{ id: 'home' as const, danger: threading }] : []),
        ],
      }
    : null;
};

export const eccentric: Maker = ({ has }) =>
  has((f) => f.kind === 'eccentric')
    ? {
        id: 'eccentric-bore',
        title: ['Set the throw over, prove it by indicator, and bore or turn the offset diameter'],
        why: ['Width, faces and the first diameter are turned while the part still runs true.'],
        after: [{ id: 'rough', danger: 'Rough faces do not seat square on the jaws, and the throw leans.' }],
        caution: 'Swing it round by hand before power: the high side must clear.',
      }
    : null;

export const profile: Maker = ({ has }) =>
  has((f) => f.kind === 'profile')
    ? {
        id: 'profile',
        title: ['Turn the curve: steps first, then the line, then file and cloth'],
        why: ['Left until the part is otherwise done: nothing can hold it by the curve afterwards.'],
        after: [{ id: 'rough', danger: 'The curve’s ends have no diameters to run out to.' }],
        caution: 'Cloth in a strip held to tear away, never wrapped round.',
      }
    : null;
