import type { Device, Lathe } from '../machine/lathe';
import type { Knob } from './exercise';
import { USUAL_COMPOUND_DIVISION } from '../machine/usual';

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
/** The compound's own handle: more goes toward the headstock. */
export const compoundHandle = (lathe: Lathe): Knob => ({
  id: 'compound',
  title: 'Compound’s handle',
  coarse: 1,
  fine: lathe.compound?.dialDivision ?? USUAL_COMPOUND_DIVISION,
  shows: 'length',
  handle: 'compound',
  turn: (by) => ({ do: 'turn', handle: 'compound', by }),
});
/** A device moved at a length from its pivot, by an indicator there; counted from where it was first. */
export const deviceEnd = (device: Device, title: string, pivotLength: number): Knob => ({
  id: 'bar',
  title,
  coarse: 0.1,
  fine: 0.005,
  shows: 'length',
  handle: null,
  turn: (by) => ({ do: 'nudge', device, by, pivotLength }),
});
/** The tailstock clamped with its barrel farther out. */
export const BARREL: Knob = {
  id: 'barrel',
  title: 'Barrel, farther out',
  coarse: 10,
  fine: 1,
  shows: 'length',
  handle: null,
  turn: (by) => ({ do: 'barrel', by }),
};
/** The tool packed higher in its post. */
export const HEIGHT: Knob = {
  id: 'height',
  title: 'Tool, higher',
  coarse: 0.1,
  fine: 0.02,
  shows: 'length',
  handle: null,
  turn: (by) => ({ do: 'raise', by }),
};
