import { describe, expect, it } from 'vitest';
import { compareCurveWays } from '../ways/curve/choose';
import type { Feature } from '../part/kinds/registry';
import { plungeOf } from '../part/profileCurve';
import { plainText } from '../figure/phrase';
import { handle } from './profiles.testdata';

describe('ways of making a curve', () => {
  const context = {
    pieces: handle,
    plunge: null,
    member: 'external',
    noseRadius: 0.8,
    stylusRadius: 0.8,
    ridge: 0.02,
    longest: 1,
    division: 0.02,
    reads: 'diameter',
    stickOut: 60,
  } as const;
  const grooves: Feature[] = [
    { id: 'a', name: 'First', kind: 'groove', side: 'external', diameter: 26, length: 3.2 },
    { id: 'l', name: 'Land', kind: 'cylinder', side: 'external', diameter: 30, length: 9.6 },
    { id: 'b', name: 'Second', kind: 'groove', side: 'external', diameter: 26, length: 3.2 },
    { id: 'j', name: 'Journal', kind: 'cylinder', side: 'external', diameter: 30, length: 42 },
  ];
  it('a long curve by steps, grooves in one plunge', () => {
    expect(compareCurveWays(context).recommended).toBe('steps');
    const plunge = plungeOf(grooves)!;
    expect(plunge).toMatchObject({
      width: 16,
      grooves: [{ name: 'First', width: expect.closeTo(3.2, 9), bottom: 26 }, { name: 'Second' }],
    });
    const found = compareCurveWays({ ...context, pieces: null, plunge });
    expect(found.recommended).toBe('form-tool');
    expect(found.assessments.map((a) => a.id)).toEqual(['form-tool']);
    expect(found.assessments[0]!.title).toContain('2 grooves');
  });
  it('an edge too wide is ruled out, and so is a way whose figures make no sense, each with its sentence', () => {
    const by = (found: ReturnType<typeof compareCurveWays>, id: string): string =>
      found.assessments
        .find((a) => a.id === id)!
        .blockers.map((b) => plainText(b))
        .join(' ');
    expect(by(compareCurveWays(context), 'form-tool')).toContain('more than a light lathe plunges');
    const wild = compareCurveWays({ ...context, noseRadius: -1, ridge: 0 });
    expect(by(wild, 'steps')).toContain('more than zero');
    expect(by(wild, 'drawing')).toContain('less than zero');
    expect(wild.recommended).toBeNull();
    expect(by(compareCurveWays({ ...context, ridge: 1e-9, longest: 0.0001 }), 'steps')).toBe('');
  });
  it('nothing to make, nothing offered', () => {
    expect(compareCurveWays({ ...context, pieces: null })).toEqual({ assessments: [], recommended: null });
    expect(plungeOf([grooves[3]!])).toBeNull();
  });
});
