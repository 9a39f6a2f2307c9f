import { positive } from '../../basics/check';
import { AnelloError } from '../../basics/error';
import { length } from '../../figure/figure';
import type { Maybe } from './base';
import { given, outsideAt, type DetailBase, type Ground, type Standing } from './detail';
import type { DetailKind } from './kind';

/** A centre hole that stays in the part, for grinding or for the next time it is held. */
export interface CentreHole extends DetailBase {
  readonly kind: 'centre';
  /** Of its mouth, and of its pilot. */
  readonly diameter?: Maybe;
  readonly pilot?: Maybe;
}

/** The mouth of a centre drill is usually this many of its pilots. */
const MOUTH_OF_PILOT = 2.12;
/** Pilots of centre drills, mm. Source: ISO 866. */
const PILOTS: readonly number[] = [0.5, 0.63, 0.8, 1, 1.25, 1.6, 2, 2.5, 3.15, 4, 5, 6.3, 8, 10];

/** The pilot of the centre drill whose own mouth comes nearest, mm. */
export function usualPilot(mouth: number): number {
  const off = (pilot: number): number => Math.abs(Math.log((MOUTH_OF_PILOT * pilot) / mouth));
  return PILOTS.reduce((best, pilot) => (off(pilot) < off(best) ? pilot : best));
}

/** A hole that opens in a face already. */
const opens = ({ inside, length: whole }: Ground, at: CentreHole['at']): Standing | undefined =>
  inside.find((s) => (at === 'headstock' ? s.z0 < SAME : s.z1 > whole - SAME));
const SAME = 1e-6;

export const centreHole: DetailKind<CentreHole> = {
  kind: 'centre',
  name: 'Centre that stays',
  sides: ['external'],
  figures: [
    { key: 'diameter', label: 'Across its mouth' },
    { key: 'pilot', label: 'Pilot, else by the mouth' },
  ],
  detail: { onFeature: false, end: 'In the face toward', drawn: 'centre' },
  begins: {},
  lies(feature, ground) {
    const mouth = positive(
      given(feature.diameter, 'diameter', 'how wide its mouth is'),
      'diameter',
      'The mouth',
    );
    const z = feature.at === 'headstock' ? 0 : ground.length;
    const radius = outsideAt(ground, z);
    if (mouth >= 2 * radius)
      throw new AnelloError('impossible', 'diameter', [
        'The face is only ',
        length(2 * radius, 0.01),
        ' across.',
      ]);
    if (feature.pilot !== undefined && positive(feature.pilot, 'pilot', 'The pilot') >= mouth)
      throw new AnelloError('impossible', 'pilot', 'The pilot is narrower than the mouth.');
    if (opens(ground, feature.at))
      throw new AnelloError('impossible', 'at', 'A hole opens in this face: a centre stands in its mouth.');
    return {
      side: 'external',
      from: feature.at,
      offset: 0,
      outside: mouth / 2,
      z0: z,
      z1: z,
      points: [{ z, r: mouth / 2 }],
    };
  },
  summary: ({ diameter }) => (diameter === undefined ? [] : ['⌀', length(diameter, 0.01), ' at the mouth']),
};
