/** A thing or a set as it is taken to be until its owner says what it is, each figure as it would be typed. Own choice. */
export const USUAL_KIT = {
  instrument: { resolution: '0.01 mm', uncertainty: '0.006 mm' },
  blocks: '1.0005; 1.001 to 1.009 by 0.001; 1.01 to 1.49 by 0.01; 0.5 to 9.5 by 0.5; 10 to 100 by 10',
  master: { ratio: '1:20', length: '60 mm' },
  'sine-bar': { length: '100 mm' },
  'pin-block': { x: '80 mm', y: '2 mm' },
  rollers: '5; 6; 8; 10',
  balls: '6; 8; 10; 12; 15; 20',
  drills: '1 to 13 by 0.5',
  reamers: '6; 8; 10; 12',
  'taper-reamer': { ratio: '1:50', length: '80 mm' },
  'boring-bar': {
    diameter: '16 mm',
    reach: '80 mm',
    pointOffset: '10 mm',
    edgeDepth: '4 mm',
    clearance: '12 deg',
  },
} as const;

/** What a pin block that is to be drawn is asked to be until somebody asks otherwise, mm. Own choice. */
export const USUAL_PIN_BLOCK = {
  width: 110,
  height: 40,
  holeDiameter: 6,
  resolution: 0.005,
  wall: 1.5,
} as const;
