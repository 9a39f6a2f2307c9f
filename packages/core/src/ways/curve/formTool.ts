import { least, most } from '../../basics/extent';
import { endOf, spanOf, startOf, type Piece } from '../../curve/piece';
import { length } from '../../figure/figure';
import { chatterRisk } from '../../form-tool/formTool';
import { WIDEST_PLUNGED } from '../../form-tool/usual';
import type { CurveWay } from './way';

/** A curve that runs to a point is parted off before its edge is, mm. */
const LEAST_RADIUS = 0.5;

export const curveFormToolWay: CurveWay = {
  id: 'form-tool',
  title: 'Form tool',
  rank: { curve: 3, grooves: 1 },
  suits: ({ plunge, pieces }) => plunge !== null || pieces !== null,
  assess({ plunge, pieces, stickOut }) {
    const edge = plunge
      ? { width: plunge.cutting, thinnest: 2 * Math.min(...plunge.work.map((p) => p.r)) }
      : edgeOf(pieces ?? []);
    const { risk, because } = chatterRisk({ width: edge.width, diameter: edge.thinnest, stickOut });
    return {
      ...(plunge && plunge.grooves.length > 1
        ? { title: `Form tool, ${plunge.grooves.length} grooves at once` }
        : {}),
      blockers:
        edge.width > WIDEST_PLUNGED
          ? [
              [
                'An edge of ',
                length(edge.width, 0.1),
                ' is more than a light lathe plunges; ',
                length(WIDEST_PLUNGED, 1),
                ' is the most.',
              ],
            ]
          : [],
      setting: length(edge.width, 0.1),
      settingLabel: 'Edge that cuts at once',
      notes: [['Alike every time.'], [`Chatter risk ${risk}: ${because}.`]],
    };
  },
};

/** A curve's own width, and its thinnest place that an edge could reach. */
function edgeOf(pieces: readonly Piece[]): { width: number; thinnest: number } {
  const spans = pieces.map(spanOf);
  const radii = pieces.flatMap((p) => [startOf(p).r, endOf(p).r]);
  return {
    width: most(spans.map((s) => s.to)) - least(spans.map((s) => s.from)),
    thinnest: 2 * Math.max(LEAST_RADIUS, least(radii)),
  };
}
