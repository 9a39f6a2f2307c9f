import { describeEvidence, fitEvidence, type Evidence } from '../../packages/core/src/evidence';
import type { Contact } from '../../packages/core/src/gauging';
import { SHANK } from '../../packages/core/src/testkit.testdata';
import type { Member } from '../../packages/core/src/taper/task';
import type { Page } from '../page.testdata';

const bands = (where: Contact): Evidence => ({ kind: 'bands', where });
const shake = (where: 'large' | 'small' | 'both' | 'none'): Evidence => ({ kind: 'shake', where });
const measured = (of: number, uncertainty: number): Evidence => ({
  kind: 'measured',
  ratio: of / 19.922,
  uncertainty,
});

/** Less believed causes are left off the page. */
const WORTH_SAYING = 0.02;

const SEEN: Readonly<Record<string, readonly Evidence[]>> = {
  'blue at the large end': [bands('large')],
  'blue at the small end, and shake at the large': [bands('small'), shake('large')],
  'blue at the large end, and shake there as well': [bands('large'), shake('large')],
  'two bands with bare metal between': [bands('two-bands')],
  'bands at both ends': [bands('ends')],
  'one spot, and rings': [bands('spot'), bands('rings')],
  'a band in the middle': [bands('middle')],
  'blue all over, and nothing shakes': [bands('full'), shake('none')],
  'blue all over, it shakes at both ends': [bands('full'), shake('both')],
  'it rocks 0.04 mm where it touches at the small end': [
    { kind: 'rock', touches: 'small', swing: 0.04, distance: 70 },
  ],
  'measured too steep': [measured(1.01, 4e-5)],
  'measured too shallow, and blue at the large end': [measured(0.985, 4e-5), bands('large')],
  'measured right, and blue at one end': [measured(1, 2e-5), bands('small')],
  'warm when it was tried': [
    { kind: 'warmer', by: 22 },
    { kind: 'stand-off', seen: 1.4 },
  ],
  'it stands off by 2.6': [{ kind: 'stand-off', seen: 2.6 }, bands('full')],
  'it went past its line': [{ kind: 'stand-off', seen: -0.4 }],
  'it sticks at once': [{ kind: 'sticks', holds: true }, bands('large')],
  'it never holds': [{ kind: 'sticks', holds: false }, bands('full')],
};

/** What was seen at a try, and what is made of it: on a shank, and in its socket. */
export const EVIDENCE_PAGE: Page = (['external', 'internal'] as const).flatMap((member: Member): Page =>
  Object.entries(SEEN).map(([name, evidence]) => [
    `${member === 'external' ? 'a shank' : 'a socket'}: ${name}`,
    () => {
      const { causes, ...fit } = fitEvidence({
        member,
        evidence,
        halfAngle: SHANK.halfAngle,
        length: SHANK.length,
      });
      return {
        seen: evidence.map((one) => describeEvidence(one)),
        causes: causes
          .filter(({ belief }) => belief > WORTH_SAYING)
          .map(({ title, belief, reason, next }) => ({ [`${title}, ${belief.toFixed(3)}`]: reason, next })),
        ...fit,
      };
    },
  ]),
);
