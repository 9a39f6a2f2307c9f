import { describe, expect, it } from 'vitest';
import { makeVirtualLathe, SOUND_LATHE, type VirtualLathe } from '.';

/** Between centres, the barrel farther out by so much, turned once along all of it by a tool that gives nothing. */
function turned(by: number): VirtualLathe {
  const lathe = makeVirtualLathe({
    seed: 2,
    level: 0,
    faults: { ...SOUND_LATHE, looseness: 0, setting: 0, needle: 0, feel: 0 },
  });
  lathe.act({ do: 'hold', by: 'centres', blank: { diameter: 60, length: 120 }, out: 120 });
  lathe.act({ do: 'tool', side: 'outside', nose: 0.4 });
  if (by !== 0) lathe.act({ do: 'barrel', by });
  lathe.act({ do: 'touch' });
  lathe.act({ do: 'turn', handle: 'carriage', by: 80 });
  lathe.act({ do: 'turn', handle: 'cross', by: 2 * 0.5 });
  lathe.act({ do: 'turn', handle: 'carriage', by: -130 });
  return lathe;
}
const radius = (lathe: VirtualLathe, z: number): number => lathe.reveal().outline('outside', z);

describe('the tailstock’s barrel', () => {
  it('far out gives more: the work comes out larger toward the tailstock, by the square of the place', () => {
    const [short, long] = [turned(0), turned(55)];
    const more = (z: number): number => radius(long, z) - radius(short, z);
    expect(more(110)).toBeGreaterThan(0.0003);
    expect(more(60) / more(110)).toBeCloseTo((60 / 110) ** 2, 1);
    expect(long.scene().barrel - short.scene().barrel).toBe(55);
  });
  it('goes no farther than it reaches, nor in past its home', () => {
    const lathe = turned(0);
    const refused = expect.objectContaining({ code: 'out-of-range', field: 'by' });
    expect(() => lathe.act({ do: 'barrel', by: 100 })).toThrow(refused);
    expect(() => lathe.act({ do: 'barrel', by: -31 })).toThrow(refused);
    lathe.act({ do: 'barrel', by: -30 });
    expect(lathe.scene().barrel).toBe(0);
  });
});
