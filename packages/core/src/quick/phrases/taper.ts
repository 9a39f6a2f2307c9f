import { angle, degrees, length, perFoot, ratio } from '../../figure/figure';
import { namedTaper, seriesTaper, type NamedTaper } from '../namedTaper';
import type { QuickPhrase } from '../quickPhrase';

/** What asks for a taper's figures, before it or after it. */
const ASKED =
  /^(?:(?:half\s+)?angle|cone|taper(?:\s+per\s+foot)?|per\s+foot)\s+(?:of\s+)?|\s+(?:(?:half\s+)?angle|cone|taper|per\s+foot)$/gi;
/** A figure said to be a taper: with that word, as 1 in 20, or as the steep taper, whose name no rule or drill has. */
const FIGURE = /\b(?:angle|cone|taper|included)\b|^\d+(?:\.\d+)?\s+in\s+\d+(?:\.\d+)?$|^7\s*\/\s*24$/i;

/** mt 3, iso 40, 1 in 20, 60° included, or 7/24 angle: everything about a taper. */
export const taperPhrase: QuickPhrase = {
  id: 'taper',
  example: 'mt 3',
  also: ['iso 40', '60° included', '7/24 angle'],
  what: 'a taper by its name, or any angle or ratio',
  answer(text) {
    const taper = taperSaid(text);
    if (!taper) return null;
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

function taperSaid(text: string): NamedTaper | null {
  const said = text.replaceAll(ASKED, '').trim();
  return seriesTaper(said) ?? (FIGURE.test(text) ? namedTaper(said) : null);
}
