import { describe, expect, it } from 'vitest';
import type { Lathe } from '../../machine/lathe';
import { taperOfPart } from '../../part/taperTask';
import { GRADES } from '../../taper/grade';
import { USUAL_TOLERANCE } from '../../taper/usual';
import { LONG, SHORT } from '../../testkit.testdata';
import { compareWays } from '../../ways/taper/choose';
import { inBar, round, SLIGHT_CONE } from '../parts.testdata';
import { layOut, type Laid } from './laid';
import { plannedTaper } from './ways';

const PART = inBar(round('body', 36, 30), SLIGHT_CONE);
const laid = (ways: Record<string, string>): Laid => ({
  ...layOut({ ...PART, ways: ways as never }),
});
const cone = SLIGHT_CONE.id;

describe('the way a taper is planned to be made', () => {
  it('is the one that was chosen for it, held on centres or not', () => {
    const one = laid({ [cone]: 'compound' });
    expect(plannedTaper(one, one.byId.get(cone)!)).toMatchObject({ way: 'compound', offCentres: 'compound' });
  });
  it('is the one its own figures recommend, to the grade or the zone its drawing asks, or the usual grade', () => {
    const recommended = (tolerance: Parameters<typeof taperOfPart>[1], lathe: Lathe) =>
      compareWays({ task: taperOfPart(PART.features, tolerance)!.task, lathe, kit: PART.kit, stillSet: [] })
        .recommended;
    const coarse = {
      ...LONG,
      attachment: { ...LONG.attachment!, scale: { unit: 'half-angle' as const, division: 0.01 } },
    };
    const seen = new Set<string | null>();
    for (const lathe of [LONG, SHORT, coarse])
      for (const tolerance of [
        ...GRADES.map((grade) => ({ grade })),
        { grade: 'AT5' as const, coneZone: 0.3 },
      ]) {
        const one = layOut({ ...PART, lathe, tolerances: { [cone]: tolerance } });
        const { way, task } = plannedTaper(one, one.byId.get(cone)!);
        expect(task.tolerance).toEqual(taperOfPart(PART.features, tolerance)!.task.tolerance);
        expect(way).toBe(recommended(tolerance, lathe));
        seen.add(way);
      }
    const plain = layOut(PART);
    expect(plannedTaper(plain, plain.byId.get(cone)!).way).toBe(
      recommended({ grade: USUAL_TOLERANCE.grade }, PART.lathe),
    );
  });
  it('that there is not is refused at its feature', () => {
    const one = laid({ [cone]: 'by-eye' });
    expect(() => plannedTaper(one, one.byId.get(cone)!)).toThrow(
      expect.objectContaining({ code: 'out-of-range', field: `ways.${cone}` }),
    );
  });
});
