import type { FaultKind } from './kind';

/** Hands, eyes and instruments. */
export const HAND_FAULTS = {
  setting: {
    title: 'A hand sets a dial to a part of its division',
    quantity: 'part',
    none: 0.02,
    from: 0.05,
    to: 0.15,
    why: 'A line against a line is set to a tenth of a division, parallax included.',
  },
  needle: {
    title: 'Unrest of the needle',
    quantity: 'length',
    none: 0.0002,
    from: 0.0003,
    to: 0.0012,
    why: 'A thousandth indicator is repeated to half of a division.',
  },
  stick: {
    title: 'The indicator sticks before it turns back',
    quantity: 'length',
    none: 0,
    from: 0,
    to: 0.002,
    why: 'Standards allow lever indicators a reversal of 2 to 3 µm.',
  },
  lever: {
    title: 'Angle of the lever to the surface',
    quantity: 'angle',
    none: 0,
    from: 0,
    to: 0.05,
    why: 'Laid along the surface by eye: within two or three degrees.',
  },
  micrometer: {
    title: 'Micrometer reads larger by',
    quantity: 'length',
    none: 0,
    from: 0,
    to: 0.002,
    eitherWay: true,
    why: 'Allowed to read 2 µm off its zero between checks.',
  },
  feel: {
    title: 'Scatter of one measurement',
    quantity: 'length',
    none: 0.0005,
    from: 0.0006,
    to: 0.0025,
    why: 'Two hands with one micrometer agree to 2 to 5 µm (k = 2).',
  },
  standOff: {
    title: 'Scatter of a stand-off read',
    quantity: 'length',
    none: 0.01,
    from: 0.02,
    to: 0.05,
    why: 'A depth gauge against a gauge’s step is read to 0.05 to 0.1 mm (k = 2).',
  },
} as const satisfies Record<string, FaultKind>;
