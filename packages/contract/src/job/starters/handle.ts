import { cylinder, mm, profile } from './features';
import { ask, type Starter } from './starter';

/** A handle with an ogee, on a ferrule. */
export const handle: Starter = {
  id: 'handle',
  name: 'Ogee handle',
  asks: [
    ask('ferrule', 'Ferrule, diameter', '18 mm'),
    ask('swell', 'Thickest', '26 mm'),
    ask('waist', 'Waist', '14 mm'),
    ask('long', 'Length', '70 mm'),
  ],
  make: ({ figure }) => {
    const long = figure('long').value;
    return {
      title: 'Ogee handle',
      mate: '',
      features: [
        cylinder('Ferrule', figure('ferrule'), { typed: '14 mm', value: 14 }),
        profile('Ogee', [
          [mm(0), figure('ferrule')],
          [mm(WAIST_AT * long), figure('waist'), 'ogee'],
          [mm(SWELL_AT * long), figure('swell'), 'ogee'],
          [mm(long), figure('waist'), 'tangent'],
        ]),
      ],
    };
  },
};
/** Where along it is thinnest, and thickest. */
const WAIST_AT = 0.22;
const SWELL_AT = 0.68;
