import { insideThread, orderFor, plainHole, type Maker } from './facts';

export const holes: Maker = ({ has, cone, way }) =>
  has(plainHole) || cone === 'bore'
    ? {
        id: 'holes',
        title: [
          cone === 'bore'
            ? 'Drill, in steps under the taper; long holes from both ends'
            : 'Drill the holes; long ones from both ends',
        ],
        why: [orderFor(way).drilling],
        after: [{ id: 'face', danger: 'A drill started on a rough face wanders.' }],
      }
    : null;

export const drawbar: Maker = ({ has, cone }) =>
  has(insideThread)
    ? {
        id: 'drawbar',
        title: ['Drill, counterbore and tap for the drawbar'],
        why: [
          cone === 'shank'
            ? 'Held by its own taper later, it is drawn home by this thread. The counterbore keeps a bruised mouth off the first thread.'
            : 'The counterbore keeps a bruised mouth off the first thread.',
        ],
        after: [{ id: 'face', danger: 'A tap started on a rough face goes in crooked.' }],
      }
    : null;
