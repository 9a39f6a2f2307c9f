import { isPlunged } from '../piece/ways';
import { finished } from '../piece/piece';
import { tooLate } from './groove';
import { sayOver, saySpeed } from './speed';
import { PLAIN, type KindOfOperation } from './kind';

export const plunge: KindOfOperation = {
  ...PLAIN,
  kind: 'plunge',
  name: 'Plunge',
  on: 'features',
  loop: true,
  works: [{ kind: 'groove' }, { kind: 'profile' }],
  before: [
    'Form tool square and on the centre’s height.',
    'Slow, in back gear, with oil; short out of the jaws.',
  ],
  rank: () => 81,
  needed: isPlunged,
  finishes: () => true,
  wrong: tooLate,
  after: ({ piece, holding }, section) => (section ? finished(piece, [section.id], holding.id) : piece),
  say: (laid, section) =>
    section
      ? [
          `Plunge ${section.feature.name} with its form tool, `,
          ...sayOver(section.smallest, section.z1 - section.z0),
          ', ',
          ...saySpeed(laid, 2 * section.largest, { finishing: true, form: true }),
        ]
      : ['Plunge'],
  card: () => ({ kind: 'shape' }),
  setUp: () => 6,
  tools: (_laid, section) => (section ? [[`Form tool for ${section.feature.name}`]] : []),
  minutes: () => 10,
};
