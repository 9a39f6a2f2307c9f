import type { Knob } from './exercise';

const DEGREE = Math.PI / 180;

export const CARRIAGE: Knob = {
  id: 'carriage',
  title: 'Carriage',
  coarse: 1,
  fine: 0.1,
  shows: 'length',
  handle: 'carriage',
  turn: (by) => ({ do: 'turn', handle: 'carriage', by }),
};
export const CROSS: Knob = {
  id: 'cross',
  title: 'Cross-slide',
  coarse: 0.1,
  fine: 0.01,
  shows: 'length',
  handle: 'cross',
  turn: (by) => ({ do: 'turn', handle: 'cross', by }),
};
/** One of the four jaws: more tightens it. */
export const jaw = (number: 1 | 2 | 3 | 4): Knob => ({
  id: `jaw-${number}`,
  title: `Jaw ${number}`,
  coarse: 0.1,
  fine: 0.01,
  shows: 'length',
  handle: null,
  turn: (by) => ({ do: 'jaw', jaw: number, by }),
});
/** The spindle by hand. */
export const SPINDLE: Knob = {
  id: 'spindle',
  title: 'Spindle by hand',
  coarse: 90 * DEGREE,
  fine: 5 * DEGREE,
  shows: 'angle',
  handle: null,
  turn: (by) => ({ do: 'spin', by }),
};
