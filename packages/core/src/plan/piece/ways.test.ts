import { describe, expect, it } from 'vitest';
import { inBar, round, SLIGHT_CONE } from '../parts.testdata';
import { layOut, type Laid } from './laid';
import { plannedTaper } from './ways';

const laid = (ways: Record<string, string>): Laid => ({
  ...layOut({ ...inBar(round('body', 36, 30), SLIGHT_CONE), ways: ways as never }),
});
const cone = SLIGHT_CONE.id;

describe('the way a taper is planned to be made', () => {
  it('is the one that was chosen for it, held on centres or not', () => {
    const one = laid({ [cone]: 'compound' });
    expect(plannedTaper(one, one.byId.get(cone)!)).toMatchObject({ way: 'compound', offCentres: 'compound' });
  });
  it('that there is not is refused at its feature', () => {
    const one = laid({ [cone]: 'by-eye' });
    expect(() => plannedTaper(one, one.byId.get(cone)!)).toThrow(
      expect.objectContaining({ code: 'out-of-range', field: `ways.${cone}` }),
    );
  });
});
