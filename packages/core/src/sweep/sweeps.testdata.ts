import type { Sweep } from './sweep';

/** What was put into a made sweep. */
export interface SweepTruth {
  readonly slope: number;
  readonly bow: number;
  readonly flat: number;
  readonly step: { readonly at: number; readonly size: number } | null;
  readonly sine: { readonly amplitude: number; readonly period: number } | null;
  readonly spikes: number;
  readonly noise: number;
}

/** Faults that are put in, alone and by twos. */
export const MADE = [
  [],
  ['angle'],
  ['bow'],
  ['flat'],
  ['step'],
  ['sine'],
  ['chatter'],
  ['spike'],
  ['angle', 'bow'],
  ['angle', 'sine'],
  ['bow', 'sine'],
  ['angle', 'flat'],
  ['angle', 'spike'],
  ['bow', 'step'],
  ['own-period'],
] as const;
type Fault = (typeof MADE)[number][number];

/** Random numbers from a seed (mulberry32, T. Ettinger, public domain): the same on every machine. */
export function drawsOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A sweep with these faults in it, and what they are. */
export function madeSweep(
  faults: readonly Fault[],
  seed: number,
  count?: number,
): { readonly sweep: Sweep; readonly truth: SweepTruth } {
  const draw = drawsOf(seed);
  const within = (low: number, high: number): number => low + (high - low) * draw();
  const oneOf = <T>(among: readonly T[]): T => among[Math.floor(draw() * among.length)] as T;
  const bell = (): number => Math.sqrt(-2 * Math.log(1 - draw())) * Math.cos(2 * Math.PI * draw());
  const sign = (): number => (draw() < 0.5 ? -1 : 1);
  const has = (fault: Fault): boolean => faults.includes(fault);

  const length = within(60, 200);
  const n = count ?? oneOf([60, 150, 400, 1200]);
  const lead = oneOf([3, 3.175, 4, 6]);
  const resolution = oneOf([0.0005, 0.001, 0.002]);
  const expectedSlope = has('flat') || draw() < 0.5 ? oneOf([0.14583, within(0.017, 0.055)]) : 0;
  // A hand stops where it likes; a feed reads at every so much.
  const travel =
    draw() < 0.4
      ? Array.from({ length: n }, () => length * draw()).sort((a, b) => a - b)
      : Array.from({ length: n }, (_, i) => (i * length) / (n - 1));
  const swing = has('own-period') ? within(5, 20) : lead;
  const noise = has('chatter') ? within(0.006, 0.012) : oneOf([0.0006, 0.001, 0.0015]);
  const truth: SweepTruth = {
    slope: expectedSlope + (has('angle') ? sign() * within(0.0001, 0.0005) : 0),
    bow: has('bow') ? sign() * within(0.008, 0.03) : 0,
    flat: has('flat') ? within(5, 30) : 0,
    step: has('step') ? { at: within(0.25, 0.75) * length, size: sign() * within(0.01, 0.03) } : null,
    sine: has('sine') || has('own-period') ? { amplitude: within(0.005, 0.012), period: swing } : null,
    spikes: has('spike') ? 1 + Math.floor(draw() * 2) : 0,
    noise,
  };
  const phase = within(0, 2 * Math.PI);
  const [first, span] = [travel[0] as number, (travel.at(-1) as number) - (travel[0] as number)];
  const struck = new Map<number, number>();
  while (struck.size < truth.spikes)
    struck.set(2 + Math.floor(draw() * (n - 4)), sign() * within(0.02, 0.05));
  const reading = travel.map((at, i) => {
    const u = (at - first) / span;
    const exact =
      truth.slope * Math.max(0, at - truth.flat) +
      truth.bow * 4 * u * (1 - u) +
      (truth.step && at > truth.step.at ? truth.step.size : 0) +
      (truth.sine ? truth.sine.amplitude * Math.sin((2 * Math.PI * at) / truth.sine.period + phase) : 0) +
      (struck.get(i) ?? 0) +
      noise * bell();
    return Math.round(exact / resolution) * resolution;
  });
  return { sweep: { travel, reading, expectedSlope, lead, resolution }, truth };
}
