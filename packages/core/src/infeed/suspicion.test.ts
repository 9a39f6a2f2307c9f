import { describe, expect, it } from 'vitest';
import { plainText, type Phrase } from '../figure/phrase';
import type { BehaviourId } from './behaviours/behaviour';
import { BEHAVIOURS } from './behaviours/registry';
import type { Knowledge } from './belief';
import type { InfeedPass } from './learn';
import { suspicionIn } from './suspicion';

const SIGMA = 0.001;
/** As much is believed of each as is said, and of nothing else anything. */
const believing = (weights: Partial<Record<BehaviourId, number>>, misfit = 0): Knowledge => ({
  behaviours: BEHAVIOURS.flatMap((behaviour) => {
    const weight = weights[behaviour.id];
    return weight === undefined ? [] : [{ behaviour, beliefs: [], weight, standing: 1 }];
  }),
  misfit,
  spent: 0,
  passes: 0,
});
/** As it is read: a figure keeps to its unit by a space that does not break. */
const said = (phrase: Phrase): string => plainText(phrase).replaceAll('\u00a0', ' ');
const NOBODY = believing({ steady: 1 });
const took = (infeed: number, ...all: readonly number[]): InfeedPass[] =>
  all.map((removed) => ({ infeed, removed }));
const kindOf = (passes: readonly InfeedPass[], known = NOBODY, sigma = SIGMA) =>
  suspicionIn(known, passes, sigma)?.kind ?? null;

describe('five passes together took nothing', () => {
  const idle = took(0.005, 0.0002, 0, 0.0003, 0, 0.0001);
  it.each([
    ['after a cut', [...took(0.05, 0.048), ...idle], 'nothing-comes'],
    ['after one cut among passes that took none', [...took(0.005, 0, 0.048, 0), ...idle], 'nothing-comes'],
    ['before anything was cut', idle, null],
    ['and nothing but a thousandth came before', [...took(0.005, 0.01), ...idle], null],
    [
      'and one of them took what the next gave back',
      [...took(0.005, 0.012, -0.0118), ...idle.slice(2)],
      null,
    ],
    ['four of them', [...took(0.05, 0.048), ...idle.slice(1)], null],
    ['one of them not measured', [...took(0.05, 0.048), ...idle.slice(1), { infeed: 0.005 }], null],
  ] as const)('%s', (_, passes, kind) => {
    expect(kindOf([...passes])).toBe(kind);
  });
  it('is as much as a reading can be out, and no more', () => {
    const passes = [...took(0.05, 0.048), ...took(0.005, 0.0004, 0.0004, 0.0004, 0.0001, 0.0001)];
    expect(kindOf(passes, NOBODY, 0.001)).toBe('nothing-comes');
    expect(kindOf(passes, NOBODY, 0.0008)).toBeNull();
  });
});

describe('more than any lash was fed in for next to nothing', () => {
  it.each([
    ['at once', took(0.05, 0, 0), 'nothing-comes'],
    ['no more than lash may be', took(0.045, 0, 0), null],
    ['not measured, which says nothing', [{ infeed: 0.05 }, { infeed: 0.05 }], null],
    ['since a cut', [...took(0.05, 0.048), ...took(0.05, 0, 0)], 'nothing-comes'],
    ['and a tenth of it came, too little to see at a pass', took(0.05, 0.005, 0.005, 0.005), null],
    ['and a fiftieth of it came', took(0.05, 0.001, 0.001, 0.001), 'nothing-comes'],
    ['and the work grew by more than could be unseen', took(0.05, -0.05, -0.05), null],
  ] as const)('%s', (_, passes, kind) => {
    expect(kindOf([...passes])).toBe(kind);
  });
  it('says how much, since the last that came off', () => {
    const found = suspicionIn(NOBODY, [...took(0.05, 0.048), ...took(0.06, 0, 0.001)], SIGMA)!;
    expect(said(found.looks)).toBe(
      '0.120 mm on radius was fed in and 0.001 mm came off: more than any usual lash, for next to nothing.',
    );
    expect(said(found.check)).toContain('lash was taken up');
  });
});

describe('what the passes are best explained by, where that is something wrong', () => {
  const passes = took(0.05, 0.04);
  it.each([
    [{ 'dial-doubled': 0.51 }, 0, 'dial-doubled'],
    [{ 'dial-doubled': 0.5 }, 0, null],
    [{ 'dial-halved': 0.71 }, 0, 'dial-halved'],
    [{ 'dial-halved': 0.7 }, 0, null],
    [{ 'lash-returns': 0.3, 'lash-comes-and-goes': 0.21 }, 0, 'lash'],
    [{ 'lash-returns': 0.3, 'lash-comes-and-goes': 0.2 }, 0, null],
    [{ steady: 0.49 }, 0.51, 'misfit'],
    [{ steady: 0.5 }, 0.5, null],
    [{ 'dial-doubled': 0.6 }, 0.6, 'dial-doubled'],
  ] as const)('%j and %f of nothing known: %s', (weights, misfit, kind) => {
    expect(kindOf(passes, believing(weights, misfit))).toBe(kind);
  });
  it('is told with what was fed and what came, up to the last that was measured', () => {
    const found = suspicionIn(
      believing({ 'dial-doubled': 0.9 }),
      [...took(0.02, 0.04), { infeed: 0.03 }],
      SIGMA,
    )!;
    expect(said(found.looks)).toBe(
      '0.020 mm on radius was fed in and 0.040 mm came off: about twice what the dial says.',
    );
  });
});
