import { length } from '../../figure/figure';
import { impossible, type Wrong } from '../piece/line';
import type { End } from '../../taper/task';
import { mouthRadius, takesCentre, type Piece } from '../piece/piece';
import { CARRIER_COVERS } from '../piece/usual';
import type { KindOfHolding } from './kind';

const ENDS = ['headstock', 'tailstock'] as const;

/** Why a centre does not stand at an end. */
export function centreWrong(piece: Piece, end: End): Wrong[] {
  if (takesCentre(piece, end)) return [];
  return piece.centred.has(end)
    ? [impossible('centre-lost', [`The hole at the ${end} end is too wide by now for a centre to stand in.`])]
    : [impossible('no-centre-hole', [`There is no centre hole at the ${end} end for a centre to stand in.`])];
}

export const betweenCentres: KindOfHolding = {
  by: 'between-centres',
  name: 'Between centres',
  jaws: false,
  faceFree: false,
  onCentres: true,
  byCarrier: true,
  eccentricWay: 'offset-centres',
  // Centres for the throw are laid off beside the part's own, in faces that are solid.
  setOver: (piece) => (ENDS.every((end) => mouthRadius(piece, end) === 0) ? 20 : null),
  minutes: 8,
  ownCentres: true,
  centresIn: () => ENDS,
  offers: () => [{ grips: null, on: null, centre: true }],
  lookFirst: ['Centres clean and greased, no play in them; the carrier’s tail clear all the way round.'],
  caution: 'Carrier bolted tight and clear of the slide; grease the tailstock centre.',
  say: (piece) => [
    'Between centres, ',
    length(piece.laid.length, 0.1),
    ' from face to face, driven by a carrier',
  ],
  wrong: (piece) => [
    ...centreWrong(piece, 'headstock'),
    ...centreWrong(piece, 'tailstock'),
    ...(piece.laid.length > CARRIER_COVERS
      ? []
      : [
          impossible('no-room-for-carrier', [
            'A carrier covers about ',
            length(CARRIER_COVERS, 1),
            ', and the part is ',
            length(piece.laid.length, 0.1),
            ' long.',
          ]),
        ]),
  ],
};
