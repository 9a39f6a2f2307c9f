import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import type { Feature } from '../../part/kinds/registry';
import { layOut } from '../piece/laid';
import { finished, rawPiece, type Piece } from '../piece/piece';
import { inBar, round } from '../parts.testdata';
import { ownTaper } from './ownTaper';

const shank = (more: object): Feature =>
  ({
    id: 'shank',
    name: 'Shank',
    kind: 'taper',
    side: 'external',
    largeEnd: 'tailstock',
    ...more,
  }) as Feature;

/** A head, and a shank that is finished. */
function withShank(more: object): Piece {
  const laid = layOut(inBar(shank(more), round('head', 40, 20)));
  return finished(rawPiece(laid, { toward: 'tailstock' }), ['shank'], 'h1');
}
const holding = { toward: 'tailstock', by: 'own-taper', grips: null, centre: false } as never;
const said = (more: object): string => plainText(ownTaper.say(withShank(more), holding));
const wrong = (more: object): string[] =>
  ownTaper.wrong(withShank(more), holding).map(({ level, code }) => `${level}: ${code}`);

const MORSE = { gaugeDiameter: 23.825, ratio: 1 / 19.922, length: 70, beyondGauge: 5 };

describe('held by its own taper', () => {
  it('is in the spindle where a sleeve takes it, and elsewhere in a socket that is made first', () => {
    expect(said(MORSE)).toBe('In the spindle by Shank');
    // Cut a little short of its gauge line it still goes in; by half of its width it is another size.
    expect(said({ ...MORSE, gaugeDiameter: 23, beyondGauge: 0 })).toBe('In the spindle by Shank');
    expect(said({ ...MORSE, gaugeDiameter: 22, beyondGauge: 0 })).toBe('In a socket made to it, by Shank');
    expect(said({ largeDiameter: 30, ratio: 1 / 12, length: 60 })).toBe('In a socket made to it, by Shank');
    // A taper pin's, and a chuck's arbor, are no spindle's.
    expect(said({ largeDiameter: 6, ratio: 1 / 50, length: 40 })).toBe('In a socket made to it, by Shank');
  });
  it('holds by so much of its length at least', () => {
    expect(wrong(MORSE)).toEqual([]);
    const short = (length: number): string[] => wrong({ largeDiameter: 30, ratio: 1 / 20, length });
    expect(short(15)).toEqual([]);
    expect(short(14.9)).toEqual(['risk: short-grip']);
  });
});
