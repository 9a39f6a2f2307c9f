import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valveAt, valveMotion } from './valveMotion';
import { real } from '../real.testdata';

describe('valve eccentrics', () => {
  const gear = {
    throw: 30,
    lap: 12,
    lead: 2,
    exhaustLap: 1,
    drive: 'direct',
    turns: 'anticlockwise',
  } as const;
  it('events are where the valve stands at the edges of the ports, found by walking the crank round', () => {
    fc.assert(
      fc.property(
        real(20, 60),
        real(0.1, 0.7),
        real(0, 0.2),
        real(-0.08, 0.3),
        (e, lapPart, leadPart, exhaustPart) => {
          const g = { ...gear, throw: e, lap: lapPart * e, lead: leadPart * e, exhaustLap: exhaustPart * e };
          const { advance, events } = valveMotion(g);
          expect(valveAt(g, advance, 0)).toBeCloseTo(g.lap + g.lead, 9);
          expect(valveAt(g, advance, events.opening)).toBeCloseTo(g.lap, 9);
          expect(valveAt(g, advance, events.cutOff)).toBeCloseTo(g.lap, 9);
          expect(valveAt(g, advance, events.release)).toBeCloseTo(-g.exhaustLap, 9);
          expect(valveAt(g, advance, events.compression)).toBeCloseTo(-g.exhaustLap, 9);
          const later = 0.01;
          expect(valveAt(g, advance, events.opening + later)).toBeGreaterThan(g.lap);
          expect(valveAt(g, advance, events.cutOff + later)).toBeLessThan(g.lap);
          expect(valveAt(g, advance, events.release + later)).toBeLessThan(-g.exhaustLap);
          expect(valveAt(g, advance, events.compression + later)).toBeGreaterThan(-g.exhaustLap);
          expect(events.opening).toBeLessThanOrEqual(0);
          expect(events.cutOff).toBeLessThan(events.release);
          expect(events.release).toBeLessThan(events.compression);
        },
      ),
      { seed: 6 },
    );
  });
  it('a rocking lever puts it opposite; turning the other way mirrors it', () => {
    const direct = valveMotion(gear);
    const rocked = valveMotion({ ...gear, drive: 'rocking-lever' });
    expect(direct.fromCrank - rocked.fromCrank).toBeCloseTo(Math.PI, 12);
    expect(valveMotion({ ...gear, turns: 'clockwise' }).setOut).toBeCloseTo(-direct.setOut, 12);
    // Ahead of the crank the way it turns: anticlockwise that is set out anticlockwise, which is more than nothing.
    expect(direct.setOut).toBeCloseTo(Math.PI / 2 + direct.advance, 12);
    expect(direct.opens).toBe(18);
  });
  it.each([
    [{ lap: 29, lead: 3 }, 'lap'],
    [{ lap: 30, lead: 0 }, 'lap'],
    [{ exhaustLap: 31 }, 'exhaustLap'],
    [{ throw: 0 }, 'throw'],
  ])('%j is refused at %s', (more, field) => {
    expect(() => valveMotion({ ...gear, ...more })).toThrow(expect.objectContaining({ field }));
  });
});
