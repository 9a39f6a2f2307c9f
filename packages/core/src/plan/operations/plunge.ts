import { isPlunged } from '../piece/ways';
import { tooLate } from './groove';
import { sayOver, saySpeed } from './speed';
import { onFeatures } from './onFeatures';

export const plunge = onFeatures({
  kind: 'plunge',
  name: 'Plunge',
  loop: true,
  works: [{ kind: 'groove' }, { kind: 'profile' }],
  before: [
    'Form tool square and on the centre’s height.',
    'Slow, in back gear, with oil; short out of the jaws.',
  ],
  rank: () => 81,
  needed: isPlunged,
  wrong: tooLate,
  say: (laid, section) => [
    `Plunge ${section.feature.name} with its form tool, `,
    ...sayOver(section.smallest, section.z1 - section.z0),
    ', ',
    ...saySpeed(laid, 2 * section.largest, { finishing: true, form: true }),
  ],
  card: () => ({ kind: 'shape' }),
  setUp: () => 6,
  tools: (_laid, section) => [[`Form tool for ${section.feature.name}`]],
  minutes: () => 10,
});
