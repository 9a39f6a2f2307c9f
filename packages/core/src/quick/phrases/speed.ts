import { AnelloError } from '../../basics/error';
import { positive } from '../../basics/check';
import { spindleSpeed } from '../../cutting/spindleSpeed';
import { count } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { besides, lengthSaid } from '../asked';
import type { QuickPhrase } from '../quickPhrase';
import { twoFigures } from '../twoFigures';

const FOOT = 0.3048;
const M_A_MINUTE = /^(.+?)\s*(m\/min|m\/minute|ft\/min|feet\/min|sfm|sfpm|fpm)$/i;
const A_MINUTE = /^(.+?)\s*(?:rpm|revs?(?:\/min)?|r\/min)$/i;

type Said = { readonly metres: number } | { readonly turns: number };

/** 25 m/min, 100 sfm, or 400 rpm; what stands bare is what the screen's units have: m/min or ft/min. */
function speedSaid(text: string, unit: 'mm' | 'in'): Said {
  const number = (said: string): number =>
    positive(
      parseQuantity({ text: said, dimension: 'number', defaultUnit: '1' }).value,
      'speed',
      'The speed',
    );
  const turns = A_MINUTE.exec(text)?.[1];
  if (turns) return { turns: number(turns) };
  const [, said = text, named = unit === 'mm' ? 'm/min' : 'ft/min'] = M_A_MINUTE.exec(text) ?? [];
  return { metres: number(said) * (/^m/i.test(named) ? 1 : FOOT) };
}

/** rpm 30 at 25 m/min: the spindle's speed for a diameter; or speed 30 at 400 rpm, what that is along the cut. */
export const speedPhrase: QuickPhrase = {
  id: 'speed',
  example: 'rpm 30 mm at 25 m/min',
  also: ['speed 1 in at 100 ft/min', 'speed 30 mm at 400 rpm'],
  what: 'spindle speed for a diameter and a cutting speed',
  answer(text, context) {
    const said = besides(text, /^(?:rpm|(?:spindle\s+|cutting\s+)?speed)\b/i);
    if (said === null) return null;
    const [diameter, speed] = twoFigures(said, {
      read: (one) => positive(lengthSaid(context)(one), 'diameter', 'The diameter'),
      and: (one) => speedSaid(one, context.lengthUnit),
      example: this.example,
    });
    const metres = 'metres' in speed ? speed.metres : (speed.turns * Math.PI * diameter) / 1000;
    const turns = 'turns' in speed ? speed.turns : spindleSpeed({ surfaceSpeed: metres, diameter }).rpm;
    if (!Number.isFinite(metres) || !Number.isFinite(turns))
      throw new AnelloError('not-finite', null, 'That is larger than any figure here.');
    const spindle = { label: 'turns a minute', figure: count(turns, turns < 100 ? 0.1 : 1) };
    const along = [
      { label: 'm a minute', figure: count(metres, 0.1) },
      { label: 'feet a minute', figure: count(metres / FOOT, 1) },
    ];
    return 'turns' in speed
      ? { heading: 'cutting speed', lines: [...along, spindle] }
      : { heading: 'spindle speed', lines: [spindle, ...along] };
  },
};
