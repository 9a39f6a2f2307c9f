import { FACTS, RECORDS } from '../../packages/core/src/examples.testdata';
import { describeRecord, jobProgress, verdictOnPiece, type JobFacts } from '../../packages/core/src/job';
import type { TaperFacts } from '../../packages/core/src/job/facts';
import { RECORD_EXAMPLES } from '../../packages/core/src/job/records/records.testdata';
import type { KeptRecord } from '../../packages/core/src/job/records/row';
import {
  latheLikeness,
  learnedMinutes,
  LOSS_CAUSES,
  lossCauseOf,
  minutesLost,
  operationStory,
  shapeStory,
  tallyLosses,
  type Loss,
} from '../../packages/core/src/memory';
import { SHANK } from '../../packages/core/src/testkit.testdata';
import type { Page } from '../page.testdata';

/** The example of a kind, as it might follow on the rest of a piece. */
const after = (records: readonly KeptRecord[], kind: keyof typeof RECORD_EXAMPLES): readonly KeptRecord[] => [
  ...records,
  {
    id: '00000000-0000-4000-8000-0000000000ff',
    jobId: 'j-101',
    piece: 1,
    at: '2026-11-20T10:30:00.000Z',
    operator: 'RK',
    body: RECORD_EXAMPLES[kind],
  },
];
/** The shank on its way: by the bar, on its own lathe. */
const WITH_WAY: JobFacts = {
  ...FACTS,
  shapes: FACTS.shapes.map((shape) => ({
    ...(shape as TaperFacts),
    way: { id: 'attachment', machineId: 'long-lathe', halfAngle: SHANK.halfAngle },
  })),
};
const KINDS = Object.keys(RECORD_EXAMPLES) as (keyof typeof RECORD_EXAMPLES)[];
/** How far it is, its stages on one line. */
function progress(records: readonly KeptRecord[]): object {
  const { stages, shapes: _shapes, ...more } = jobProgress(WITH_WAY, records);
  return {
    ...more,
    stages: stages.map(({ stage, state, stale }) => `${stage} ${state}${stale ? ` ${stale}` : ''}`),
  };
}
const WORDS = [
  'Plug went 2 mm past its line',
  'chatter',
  'measured wrong',
  'dropped it',
  'set over the wrong way',
  'bell-mouthed',
  '',
];
const LOSSES: readonly Loss[] = WORDS.map((cause, i) => ({
  at: `2026-11-2${i}T10:00:00.000Z`,
  cause,
  minutes: 10 * i,
  verdict: i % 2 ? 'scrap' : 'rework',
}));

/** What is kept of a job in words, how far it is by it, and what a shop learns from it. */
export const RECORDS_PAGE: Page = [
  ...(['mm', 'inch'] as const).flatMap((system): Page =>
    KINDS.map((kind) => [
      `kept: ${kind} [${system}]`,
      () => describeRecord({ body: RECORD_EXAMPLES[kind], piece: 2 }),
      system,
    ]),
  ),
  ...Array.from({ length: RECORDS.length + 1 }, (_, n): Page[number] => [
    `how far a shank is after ${n} rows`,
    () => progress(RECORDS.slice(0, n)),
  ]),
  ...(['setting-kept', 'pass', 'piece', 'verdict', 'withdrawn'] as const).map((kind): Page[number] => [
    `how far it is once more is kept: ${kind}`,
    () => ({ ...progress(after(RECORDS, kind)), verdict: verdictOnPiece(after(RECORDS, kind), 1, 1) }),
  ]),
  ['the story of its setting and cut', () => shapeStory(RECORDS)],
  ['the story of an operation', () => operationStory(RECORDS, 'taper-s')],
  ['what a lathe is like that nothing is known of', () => [latheLikeness([]), learnedMinutes({}, [])]],
  ...WORDS.map((words): Page[number] => [`a loss in words: ${words}`, () => lossCauseOf(words)?.id ?? null]),
  ['causes of losses', () => LOSS_CAUSES.map(({ id, says }) => [id, says])],
  [
    'what a shop loses by',
    () => tallyLosses(LOSSES).map(({ cause, ...more }) => ({ cause: cause?.id ?? null, ...more })),
  ],
  [
    'minutes lost with a piece',
    () =>
      [0, 1, 2].map((index) =>
        minutesLost(
          [
            { at: '2026-11-20T10:00:00Z', verdict: null },
            { at: '2026-11-20T10:20:00Z', verdict: 'scrap' },
            { at: '2026-11-20T10:50:00Z', verdict: 'good' },
          ] as never,
          index,
        ),
      ),
  ],
];
