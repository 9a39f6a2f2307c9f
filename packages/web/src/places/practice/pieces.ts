import {
  entry,
  newWork,
  taperOfJobIfComplete,
  type FeatureDocument,
  type JobDocument,
} from '@anello/contract';
import type { PieceExercise } from '@anello/core/practice';
import type { PracticeBegun } from '../../data/practice/begin';
import { PRACTICE_LATHE_ID } from '../../data/practice/names';

const CONE = 'cone';
const DIGITS = 6;
const mm = (value: number) => entry(`${Number(value.toFixed(3))} mm`);
const degrees = (value: number) => entry(`${((value * 180) / Math.PI).toFixed(DIGITS)} deg`, 'angle');

/** The part of an exercise as a job's: its cone, and what is plain beside it, with its way chosen. */
export function pieceJob(of: PieceExercise): Omit<PracticeBegun, 'hidden' | 'exercise'> {
  const { cone, way, school, until, title } = of;
  const external = cone.member === 'external';
  const features: FeatureDocument[] = [
    ...(cone.besides
      ? [
          {
            id: 'body',
            name: 'Body',
            kind: 'cylinder' as const,
            side: 'external' as const,
            diameter: mm(cone.besides.diameter),
            length: mm(cone.besides.length),
          },
        ]
      : []),
    ...(external
      ? []
      : [
          {
            id: 'outside',
            name: 'Outside',
            kind: 'cylinder' as const,
            side: 'external' as const,
            diameter: mm(Math.ceil(1.5 * cone.largeDiameter)),
            length: mm(cone.length),
          },
        ]),
    {
      id: CONE,
      name: external ? 'Shank' : 'Bore',
      kind: 'taper',
      side: cone.member,
      largeEnd: external ? 'headstock' : 'tailstock',
      largeDiameter: mm(cone.largeDiameter),
      halfAngle: degrees(cone.halfAngle),
      length: mm(cone.length),
    },
  ];
  const plain = newWork('taper');
  const work = {
    ...plain,
    tolerance: { ...plain.tolerance, grade: 'AT8' as const, standOff: mm(cone.standOff) },
  };
  const part: Pick<JobDocument, 'title' | 'features' | 'work'> = { title, features, work: { [CONE]: work } };
  const halfAngle = taperOfJobIfComplete(part, CONE)?.task.halfAngle ?? cone.halfAngle;
  const chosen = { id: way, machineId: PRACTICE_LATHE_ID, halfAngle, school };
  return { part: { ...part, work: { [CONE]: { ...work, way: chosen } } }, feature: CONE, until, way };
}
