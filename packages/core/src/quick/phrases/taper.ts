import { angle, degrees, length, perFoot, ratio } from '../../figure/figure';
import { namedTaper } from '../namedTaper';
import type { QuickPhrase } from '../quickPhrase';

const NAMED = /^(?:mt|morse|jarno|bs|b&s|steep)\s*\d+$/i;
const ANGLE = /^(.+?)\s+(?:angle|taper)$/i;

/** mt 3, or 7/24 angle: everything about a taper. */
export const taperPhrase: QuickPhrase = {
  id: 'taper',
  example: 'mt 3',
  what: 'a taper by name, or 7/24 angle',
  answer(text) {
    const said = NAMED.test(text) ? text : ANGLE.exec(text)?.[1];
    if (!said) return null;
    const taper = namedTaper(said);
    const gauge = taper.size?.gaugeDiameter;
    return {
      heading: taper.name,
      lines: [
        { label: 'half angle', figure: angle(taper.halfAngle) },
        { label: 'in degrees', figure: degrees(taper.halfAngle) },
        { label: 'ratio on diameter', figure: ratio(taper.ratio) },
        { label: 'per foot', figure: perFoot(taper.ratio) },
        ...(gauge === null || gauge === undefined ? [] : [{ label: 'gauge line', figure: length(gauge) }]),
      ],
    };
  },
};
