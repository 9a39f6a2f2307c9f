import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { plain, press } from '../../../../testkit/mounted';
import { shankJob, useOnScreen } from '../../../../testkit/onScreen';
import { workerAtOnce } from '../../../../testkit/workerAtOnce';
import { readCone, type ConeQuestion } from './readCone';
import SweptCone from './SweptCone.vue';

const screen = useOnScreen();
const TAN = 1 / 19.922 / 2;
const question = (text: string): ConeQuestion => ({
  text,
  defaultUnit: 'mm',
  task: { halfAngle: Math.atan(TAN), smallDiameter: 19.76, length: 86 },
  lead: null,
  resolution: 0.001,
});
const rows = (seen: (at: number) => number): string =>
  Array.from(
    { length: 160 },
    (_, i) => `${i / 2};${(seen(i / 2) + 0.0004 * Math.sin(31 * i)).toFixed(5)}`,
  ).join('\n');

describe('a cone read all along', () => {
  it('from either end is the same cone, and is drawn as it climbs', () => {
    const small = readCone(question(rows((at) => TAN * at)));
    const large = readCone(question(rows((at) => -TAN * at)));
    for (const { cone, shown, fitted, count } of [small, large]) {
      expect(cone.ratio).toBeCloseTo(2 * TAN, 5);
      expect(shown.at(-1)!.seen).toBeGreaterThan(shown[0]!.seen);
      expect(fitted.at(-1)!.seen).toBeCloseTo(shown.at(-1)!.seen, 2);
      expect(count).toBe(160);
    }
  });
  it('run from the far place back is drawn from its beginning all the same', () => {
    const back = rows((at) => TAN * at)
      .split('\n')
      .reverse()
      .join('\n');
    const { cone, shown, fitted } = readCone(question(back));
    expect(cone.ratio).toBeCloseTo(2 * TAN, 5);
    const places = shown.map(({ at }) => at);
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect([places[0], places.at(-1), fitted[0]!.at, fitted.at(-1)!.at]).toEqual([0, 79.5, 0, 79.5]);
    expect(shown.at(-1)!.seen).toBeGreaterThan(shown[0]!.seen);
  });

  it('is kept as evidence, with what it shows named before', async () => {
    const host = screen.show(shankJob('attachment'), SweptCone, { begin: workerAtOnce(readCone) });
    const file = { text: async () => rows((at) => TAN * at + (at > 40 ? 0.03 : 0)) };
    const input = host.querySelector<HTMLInputElement>('input[type=file]')!;
    Object.defineProperty(input, 'files', { value: [file], configurable: true });
    input.dispatchEvent(new Event('change'));
    for (let i = 0; i < 20; i++) await new Promise((resolve) => setTimeout(resolve, 2));
    await nextTick();
    expect(plain(host.querySelector('.shows')!.textContent)).toContain('A step of 0.030 mm at');
    press(host, 'Keep it as evidence');
    await new Promise((resolve) => setTimeout(resolve, 20));
    const [cone] = screen.kept('cone');
    expect(cone).toMatchObject({ method: 'sweep' });
    expect(cone!.ratio).toBeCloseTo(2 * TAN, 4);
  });
});
