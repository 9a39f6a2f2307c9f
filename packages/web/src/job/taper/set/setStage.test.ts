import { plainText } from '@anello/core/figure';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useScreen, type BarRequest } from '../../../data/stores/screen';
import { plain, press } from '../../../testkit/mounted';
import { LATHE_ID, shankJob, useOnScreen } from '../../../testkit/onScreen';
import SetStage from './SetStage.vue';

const screen = useOnScreen();
const text = (host: HTMLElement): string => plain(host.textContent);
const question = () => useScreen().bar as Extract<BarRequest, { asks: 'figure' }>;
/** At the sweep, the scale being set. */
async function open(): Promise<HTMLElement> {
  const host = screen.show(shankJob('attachment'), SetStage);
  await vi.waitFor(() => expect(text(host)).toContain('Set the bar to'));
  press(host, /^2 sweep/);
  await vi.waitFor(() => expect(text(host)).toContain('Should read'));
  return host;
}
/** Answers the stations as a bar that stands at this many times the wanted slope would. */
async function sweep(times: number): Promise<number[]> {
  const seen: number[] = [];
  for (let i = 0; i < 6 && /^Reading/.test(useScreen().bar?.label ?? ''); i++) {
    const at = Number(/(\d+(\.\d+)?)/.exec(useScreen().bar!.label)![0]);
    const reading = (at * times) / 19.922 / 2;
    seen.push(reading);
    await question().keep({ value: reading } as never, reading.toFixed(4));
    await nextTick();
  }
  return seen;
}

describe('a setting swept', () => {
  it('asks station after station, each judged by its band as it is typed, and shows what was seen', async () => {
    const host = await open();
    const { label, band } = question();
    const at = Number(/(\d+(\.\d+)?)/.exec(label)![0]);
    const wanted = at / 19.922 / 2;
    expect((band!.low + band!.high) / 2).toBeCloseTo(wanted, 4);
    expect(question().judge!(wanted)!.tone).toBe('good');
    const far = question().judge!(wanted + 0.05)!;
    expect([plainText(far.phrase).replaceAll('\u00a0', ' '), far.tone === 'good']).toEqual([
      expect.stringContaining('0.050 mm'),
      false,
    ]);
    const seen = await sweep(1);
    expect(screen.kept('reading').map((one) => one.seen)).toEqual(seen);
    for (const one of seen) expect(text(host)).toContain(one.toFixed(3));
  });
  it('in its band is kept as proved on this lathe', async () => {
    await open();
    await sweep(1);
    await vi.waitFor(() => expect(useScreen().bar!.empty?.label).toBe('Keep this setting'));
    await useScreen().bar!.empty!.run();
    await vi.waitFor(() => expect(screen.kept('setting-kept')).toHaveLength(1));
    expect(screen.kept('setting-kept')[0]).toMatchObject({ way: 'attachment', machineId: LATHE_ID });
  });
  it('too steep says the nudge, which way and how much; after it all is read again', async () => {
    const host = await open();
    await sweep(1.02);
    await vi.waitFor(() => expect(text(host)).toContain('Too steep by'));
    // 2 % of 1°26′16″ are 1′44″.
    expect(text(host)).toMatch(/Too steep by 1′4[34]″/);
    press(host, 'Nudged, read again');
    await vi.waitFor(() => expect(screen.kept('nudge')).toHaveLength(1));
    expect(screen.kept('nudge')[0]!.fromHalfAngle / screen.kept('nudge')[0]!.toHalfAngle).toBeCloseTo(
      1.02,
      3,
    );
    expect(useScreen().bar!.label).toMatch(/^Reading/);
  });
});

describe('what is set first', () => {
  const first = async (way: Parameters<typeof shankJob>[0], said: string) => {
    const host = screen.show(shankJob(way), SetStage);
    await vi.waitFor(() => expect(text(host)).toContain(said));
    return text(host);
  };
  it('of a compound is its scale, the half angle, and what a tap at it is worth', async () => {
    const said = await first('compound', 'Swing the compound to');
    expect(said).toContain('half angle exactly 1°26′16″');
    // 0.010 on the needle over the 74 mm that are run is 28″, on the cone of 86 it is 0.023 of diameter.
    expect(said).toContain('0.010 mm28″0.023 mm');
  });
  it('of a tailstock is how far the barrel moves, by the indicator and in its band', async () => {
    const said = await first('tailstock', 'Set the tailstock over');
    // 136 mm of work at sin 1°26′16″.
    expect(said).toContain(`Barrel moves${(136 * Math.sin(Math.atan(1 / 19.922 / 2))).toFixed(3)} mm`);
    expect(said).toContain('use ball centres at both ends');
    expect(question().asks).toBe('figure');
  });
  it('of a form tool is its edge, as long as the slope', async () => {
    expect(await first('form-tool', 'Grind and hone the edge')).toContain('Edge at least86.0 mm');
  });
});
