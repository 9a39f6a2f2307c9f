import type { FaultKind } from './kind';

/** Screws, nuts and dials. */
export const SLIDE_FAULTS = {
  crossLash: {
    title: 'Lash of the cross-slide',
    quantity: 'length',
    none: 0,
    from: 0.02,
    to: 0.25,
    why: 'A new nut has 0.02 to 0.05 mm, a worn one several divisions.',
  },
  crossScale: {
    title: 'Cross-slide moves for each 1 of its dial',
    quantity: 'part',
    none: 1,
    from: 0.993,
    to: 1.007,
    why: 'A worn stretch of screw, or a dial cut for the other unit and rounded, is some parts in a thousand off.',
  },
  crossSine: {
    title: 'Swing of the cross-slide with its screw',
    quantity: 'length',
    none: 0,
    from: 0,
    to: 0.004,
    why: 'A screw whose collar is not square swings by a few thousandths once a turn.',
  },
  carriageLash: {
    title: 'Lash of the carriage',
    quantity: 'length',
    none: 0,
    from: 0.05,
    to: 0.4,
    why: 'Rack and pinion: tenths are usual.',
  },
  compoundLash: {
    title: 'Lash of the compound',
    quantity: 'length',
    none: 0,
    from: 0.02,
    to: 0.2,
    why: 'As the cross-slide’s.',
  },
  jawLash: {
    title: 'What a jaw gives when it is nipped',
    quantity: 'length',
    none: 0,
    from: 0,
    to: 0.03,
    why: 'Worn jaw screws let the work settle by a hundredth or three when the last jaw is nipped.',
  },
} as const satisfies Record<string, FaultKind>;
