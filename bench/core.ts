import { coreFeatures, coreLathe, jobFacts, taperOfJob } from '@anello/contract';
import { coordinateTable, offsetProfile, shapeCurve } from '@anello/core/curve';
import { passPlan } from '@anello/core/cutting';
import { fitEvidence } from '@anello/core/evidence';
import { nextInfeed } from '@anello/core/infeed';
import { jobProgress } from '@anello/core/job';
import { METRIC_88, gaugeBlockStack } from '@anello/core/kit';
import { layoutPart } from '@anello/core/part';
import { checkPlan, operationInHand, planPart } from '@anello/core/plan';
import { settingSteps } from '@anello/core/setting';
import { spectrumOf } from '@anello/core/chatter';
import { analyseSweep } from '@anello/core/sweep';
import { identifyTaper } from '@anello/core/taper';
import { makeVirtualLathe } from '@anello/core/virtual-lathe';
import { compareWays } from '@anello/core/ways';
import { COLLET_HOLDER } from '../packages/core/src/examples.testdata.ts';
import { madeSweep } from '../packages/core/src/sweep/sweeps.testdata.ts';
import { DEMO_JOBS } from '../packages/server/src/demo/jobs.ts';
import { demoRecords } from '../packages/server/src/demo/history.ts';
import { DEMO_MACHINES } from '../packages/server/src/demo/machines.ts';
import type { Figure } from './bench.ts';
import { median, milliseconds } from './stats.ts';

const RUNS = 400;
const BUDGET_MS = 4;

/** Everything the job screen works out again after a keystroke. */
export function benchCore(): Figure[] {
  const { document, id } = DEMO_JOBS.find((job) => job.id === 'j-101')!;
  const lathe = coreLathe(DEMO_MACHINES[0]!.document);
  const records = demoRecords(new Date()).filter((r) => r.jobId === id);
  const recompute = (): void => {
    layoutPart(coreFeatures(document.features));
    const { task } = taperOfJob(document)!;
    compareWays({ task, lathe, stillSet: [] });
    settingSteps('attachment', { task, lathe });
    jobProgress(jobFacts(document), records);
    passPlan({
      member: 'external',
      now: 25,
      finish: task.smallDiameter,
      allowance: 0.16,
      lastStock: 0.6,
      roughDepth: 0.75,
      division: 0.02,
      reads: 'diameter',
      dialNow: 0,
    });
  };
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    recompute();
    return performance.now() - from;
  });
  const ms = median(times);
  return [
    timed('gauge blocks from an 88-piece set, hardest of 40', 50, blocks),
    timed('identify over the whole library, median', BUDGET_MS, identify),
    timed('next infeed after eight passes, median', 10, infeed),
    timed('evidence weighed, median', 10, evidence),
    timed('a line of work proposed, median', 50, proposal),
    timed('thirty operations checked, median', BUDGET_MS, thirtyChecked),
    timed('one operation with its card, median', BUDGET_MS, cardOfAnOperation),
    timed('path of a round nose, 100,000 points, median', 150, nosePath),
    timed('a sweep of 100,000 readings, slowest sort of it, median', 150, sweptFar),
    timed('four seconds of sound listened to, median', 100, listened),
    timed('a pass of the virtual lathe, 90 mm, median', 1, virtualPass),
    timed('table of two-handle steps, median', 150, steps),
    {
      what: 'recompute a job after a keystroke, median',
      measured: milliseconds(ms),
      budget: `${BUDGET_MS} ms`,
      within: ms < BUDGET_MS,
    },
  ];
}

function timed(what: string, budget: number, work: () => number): Figure {
  const ms = work();
  return { what, measured: milliseconds(ms), budget: `${budget} ms`, within: ms < budget };
}

/** An ogee handle with a spline in it: the curve that has most pieces. */
const CURVE = shapeCurve([
  { z: 0, r: 9 },
  { z: 16, r: 7, run: 'ogee' },
  { z: 50, r: 13, run: 'ogee' },
  { z: 58, r: 12, run: 'spline' },
  { z: 66, r: 9.5, run: 'spline' },
  { z: 73, r: 4.5, run: 'spline' },
]);

/** A feed with a readout beside it gives so many; of each sort of sweep the median, and of those the slowest. */
function sweptFar(): number {
  const sorts = [[], ['bow', 'step'], ['angle', 'flat'], ['sine']] as const;
  return Math.max(
    ...sorts.map((faults) => {
      const { sweep } = madeSweep(faults, 3, 100_000);
      return median(
        Array.from({ length: 7 }, () => {
          const from = performance.now();
          analyseSweep(sweep);
          return performance.now() - from;
        }),
      );
    }),
  );
}

/** A thousand passes a second or better. */
function virtualPass(): number {
  const lathe = makeVirtualLathe({ seed: 3, level: 5 });
  lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter: 60, length: 140 }, out: 100 });
  lathe.act({ do: 'touch' });
  lathe.act({ do: 'turn', handle: 'carriage', by: 45 });
  const once = (): number => {
    const from = performance.now();
    lathe.act({ do: 'turn', handle: 'cross', by: 0.02 });
    lathe.act({ do: 'turn', handle: 'carriage', by: -90 });
    const ms = performance.now() - from;
    lathe.act({ do: 'turn', handle: 'carriage', by: 90 });
    return ms;
  };
  return median(Array.from({ length: RUNS }, once));
}

/** A cut's hiss with a pitch and its octave in it, as long as is listened to at once. */
function listened(): number {
  const rate = 16_000;
  const sound = Float32Array.from(
    { length: 4 * rate },
    (_, i) => 0.3 * Math.sin(0.43 * i) + 0.1 * Math.sin(0.86 * i) + 0.1 * Math.sin(12.9898 * i * i),
  );
  const once = (): number => {
    const from = performance.now();
    spectrumOf(sound, rate);
    return performance.now() - from;
  };
  return median(Array.from({ length: 9 }, once));
}

function nosePath(): number {
  const path = (): number => {
    const from = performance.now();
    offsetProfile({ pieces: CURVE, noseRadius: 0.8, member: 'external', count: 100_000 });
    return performance.now() - from;
  };
  return median(Array.from({ length: 9 }, path));
}

function steps(): number {
  const table = (): number => {
    const from = performance.now();
    coordinateTable({
      pieces: CURVE,
      member: 'external',
      noseRadius: 0.8,
      ridge: 0.005,
      longest: 1,
      along: 0.02,
      division: 0.02,
      reads: 'diameter',
      of: 'tip',
      allowance: 0,
    });
    return performance.now() - from;
  };
  return median(Array.from({ length: 9 }, table));
}

function blocks(): number {
  const targets = Array.from({ length: 40 }, (_, i) => 2.0005 + i * 4.3777);
  return Math.max(
    ...targets.map((target) => {
      const from = performance.now();
      gaugeBlockStack({ target: Number(target.toFixed(4)), blocks: METRIC_88, maxCount: 5 });
      return performance.now() - from;
    }),
  );
}

function identify(): number {
  return median(
    Array.from({ length: RUNS }, (_, i) => {
      const from = performance.now();
      identifyTaper({ largeDiameter: 24 + i / RUNS, smallDiameter: 20, length: 70, uncertainty: 0.01 });
      return performance.now() - from;
    }),
  );
}

function infeed(): number {
  const passes = Array.from({ length: 8 }, (_, i) => ({ infeed: 0.02, removed: 0.018 + (i % 3) * 0.001 }));
  return median(
    Array.from({ length: 60 }, (_, i) => {
      const from = performance.now();
      nextInfeed({ passes, target: 0.03 + i / 2000, tolerance: 0.01, risk: 0.01, division: 0.0025 });
      return performance.now() - from;
    }),
  );
}

function evidence(): number {
  return median(
    Array.from({ length: RUNS }, () => {
      const from = performance.now();
      fitEvidence({
        member: 'external',
        halfAngle: 0.0251,
        evidence: [
          { kind: 'bands', where: 'large' },
          { kind: 'shake', where: 'small' },
          { kind: 'rock', touches: 'large', swing: 0.02, distance: 70 },
        ],
      });
      return performance.now() - from;
    }),
  );
}

const LINES = 60;

/** The line of work of a collet holder, worked out from nothing. */
function proposal(): number {
  return median(
    Array.from({ length: LINES }, () => {
      const from = performance.now();
      planPart(COLLET_HOLDER);
      return performance.now() - from;
    }),
  );
}

/** One operation of it as its card wants it. */
function cardOfAnOperation(): number {
  const { holdings } = planPart(COLLET_HOLDER);
  const id = holdings.flatMap((h) => h.operations).at(-1)!.id;
  return median(
    Array.from({ length: LINES }, () => {
      const from = performance.now();
      operationInHand(COLLET_HOLDER, holdings, id);
      return performance.now() - from;
    }),
  );
}

/** The same checked with thirty operations: those it has, and closing ones over and over. */
function thirtyChecked(): number {
  const { holdings } = planPart(COLLET_HOLDER);
  const last = holdings.at(-1)!;
  const has = holdings.reduce((sum, holding) => sum + holding.operations.length, 0);
  const more = Array.from({ length: 30 - has }, (_, i) => ({
    id: `more-${i}`,
    kind: 'inspect' as const,
    features: [],
  }));
  const line = [...holdings.slice(0, -1), { ...last, operations: [...last.operations, ...more] }];
  return median(
    Array.from({ length: LINES }, () => {
      const from = performance.now();
      checkPlan(COLLET_HOLDER, line);
      return performance.now() - from;
    }),
  );
}
