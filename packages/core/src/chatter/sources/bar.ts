import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { beamStiffness, type Beam } from '../beam';
import type { Source } from './kind';
import { ownPitch } from './ownPitch';

/** Pushed home by so much of its diameter, and the next thicker. */
const HOME = 1;
const THICKER = 1.25;
/** Stands out less than this many diameters after that: there is no more to push home. */
const LEAST_OUT = 1.5;

/** A boring bar, or a tool's shank, at its own pitch. */
export const bar: Source = (setup) => {
  if (!setup.bar) return [];
  const beam: Beam = { ...setup.bar, held: 'one end' };
  return [ownPitch('bar', 'The bar’s own pitch', beam, moves(beam))];
};

function moves(beam: Beam): Phrase[] {
  const now = beamStiffness(beam);
  const worth = (other: Partial<Beam>): number => beamStiffness({ ...beam, ...other }) / now;
  const shorter = beam.length - HOME * beam.diameter;
  const found: { times: number; said: Phrase }[] = [
    { times: worth({ diameter: THICKER * beam.diameter }), said: ['A bar a quarter thicker'] },
  ];
  if (shorter >= LEAST_OUT * beam.diameter)
    found.push({
      times: worth({ length: shorter }),
      said: ['Push it home by ', length(HOME * beam.diameter, 1)],
    });
  if (beam.stuff !== 'carbide')
    found.push({ times: worth({ stuff: 'carbide' }), said: ['The same bar of carbide'] });
  return [
    ...found
      .sort((a, b) => b.times - a.times)
      .map(({ times, said }): Phrase => [...said, ': ', count(times, 0.1), ' times as stiff']),
    [
      'A smaller nose, a sharper edge, less of it in the cut: half the width halves what drives it; then slower',
    ],
  ];
}
