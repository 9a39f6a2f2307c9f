import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NO_KIT } from '../../kit/kit';
import { LONG } from '../../testkit.testdata';
import { leftUndone, made } from '../parts.testdata';
import { layOut } from '../piece/laid';
import type { PlanPart } from '../piece/line';
import { CARRIER_COVERS } from '../piece/usual';
import { planPart } from './planPart';

const DEG = Math.PI / 180;

/**
 * Nothing parallel to close jaws on, a cone too steep to hold by itself, a hole too short for a mandrel and, by a hair, too
 * wide for a centre to stand in its mouth.
 */
const plug = (length: number): PlanPart => ({
  features: [
    {
      id: 'knob',
      name: 'Knob',
      kind: 'profile',
      side: 'external',
      points: [
        { z: 0, diameter: 20 },
        { z: 4, diameter: 28 },
        { z: 8, diameter: 22 },
      ],
    },
    {
      id: 'cone',
      name: 'Cone',
      kind: 'taper',
      side: 'external',
      largeDiameter: 22,
      length: 62,
      largeEnd: 'headstock',
      halfAngle: 4 * DEG,
    },
    {
      id: 'seat',
      name: 'Seat',
      kind: 'taper',
      side: 'internal',
      from: 'tailstock',
      largeEnd: 'tailstock',
      largeDiameter: 10,
      length: 4,
      halfAngle: 3 * DEG,
    },
  ],
  stock: { shape: 'round', across: 28, length },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
});

describe('a part that no order of holdings makes the whole of', () => {
  it('has the line that gets furthest, which says what it leaves', () => {
    const shortBar = planPart(plug(70));
    expect(leftUndone(shortBar)).toEqual(['Cone is not made by any of this.']);
    const longBar = planPart(plug(120));
    expect(leftUndone(longBar)).toEqual(['The headstock end is not faced.']);
    expect(longBar.holdings.flatMap((h) => h.operations).map((o) => o.kind)).toEqual(
      expect.arrayContaining(['curve', 'taper', 'part-off']),
    );
  });

  it('has nothing else wrong with it', () => {
    for (const length of [70, 120]) {
      const proposal = planPart(plug(length));
      const impossible = proposal.findings.filter((f) => f.level === 'impossible').map((f) => f.sentence);
      expect(impossible).toEqual(leftUndone(proposal));
    }
  });

  it('is hardly ever met', () => {
    // What is shorter than a carrier is held by a bar, and has one that is long enough or has not.
    const parts = fc
      .sample(made(1), { numRuns: 400, seed: 20261128 })
      .filter((part) => layOut(part).length > CARRIER_COVERS);
    expect(parts.length).toBeGreaterThan(300);
    expect(parts.flatMap((part) => leftUndone(planPart(part)))).toEqual([]);
  });
});
