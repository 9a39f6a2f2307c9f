import { PRACTICE_LATHE } from '@anello/core/virtual-lathe';
import { describe, expect, it } from 'vitest';
import { PRACTICE_MACHINE } from './practice';
import { machineDocumentSchema } from './schema';
import { coreLathe } from './toCore';

describe('the practice lathe as a lathe of the shop', () => {
  it('is what the core’s own is', () => {
    expect(machineDocumentSchema.parse(PRACTICE_MACHINE)).toEqual(PRACTICE_MACHINE);
    const { compound, attachment, ...rest } = coreLathe(PRACTICE_MACHINE);
    const { compound: own, attachment: bar, ...others } = PRACTICE_LATHE;
    expect(rest).toMatchObject(others);
    // In line with its slide: a figure that a lathe's page leaves out.
    const { handleOut, ...slide } = own!;
    expect(handleOut).toBe(0);
    expect(compound).toEqual({ ...slide, division: expect.closeTo(own!.division, 12) });
    expect(attachment).toMatchObject({
      ...bar,
      maxHalfAngle: expect.closeTo(bar!.maxHalfAngle, 12),
      scale: { unit: 'half-angle', division: expect.closeTo(bar!.scale.division, 12) },
    });
  });
});
