import type { FaultKind } from './kind';

const MINUTE = Math.PI / 180 / 60;

/** What tapers are set by, and what work is held in. */
export const DEVICE_FAULTS = {
  barAngle: {
    title: 'Attachment’s scale against its bar',
    quantity: 'angle',
    none: 0,
    from: 2 * MINUTE,
    to: 12 * MINUTE,
    eitherWay: true,
    why: 'A scale is divided to a quarter or half a degree and read to a fifth of that; its zero drifts as much.',
  },
  barBow: {
    title: 'Bar high (or hollow) in its middle',
    quantity: 'length',
    none: 0,
    from: 0.003,
    to: 0.03,
    eitherWay: true,
    why: 'Where short tapers were cut for years a bar wears hollow by hundredths.',
  },
  barLash: {
    title: 'Lash between bar and cross-slide',
    quantity: 'length',
    none: 0,
    from: 0.01,
    to: 0.09,
    why: 'Shoe on bar and draw link, each with a clearance of hundredths.',
  },
  compoundAngle: {
    title: 'Compound’s scale against its slide',
    quantity: 'angle',
    none: 0,
    from: 3 * MINUTE,
    to: 15 * MINUTE,
    eitherWay: true,
    why: 'Divided to one degree, read to a fifth: 6 to 12 minutes of arc.',
  },
  tailstockOff: {
    title: 'Tailstock off its zero',
    quantity: 'length',
    none: 0,
    from: 0.02,
    to: 0.25,
    eitherWay: true,
    why: 'Its marks are brought together by eye: a line’s width is 0.1 to 0.2 mm.',
  },
  rehold: {
    title: 'Three-jaw off the axis',
    quantity: 'length',
    none: 0,
    from: 0.02,
    to: 0.12,
    why: 'A three-jaw of some years holds true to 0.05 to 0.15 mm of swing.',
  },
  spindle: {
    title: 'Swing of the spindle itself',
    quantity: 'length',
    none: 0,
    from: 0,
    to: 0.004,
    why: 'Acceptance of toolroom lathes is 0.005 mm of swing in the spindle’s own bore.',
  },
} as const satisfies Record<string, FaultKind>;
