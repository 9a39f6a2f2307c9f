/** Samples of a second of what is listened to: pitches up to half of it, more than anything here makes. */
export const RATE = 16_000;
const SECONDS = 2.5;

/**
 * A made-up cut: something chatters at a pitch, growing and dying away, over a gear that is heard and the hiss of chips. The
 * same each time.
 */
export function standInSound(hz: number): Float32Array {
  let seed = 11;
  const hiss = (): number => (seed = (seed * 48_271) % 2_147_483_647) / 2_147_483_647 - 0.5;
  const at = (hz: number, i: number): number => Math.sin((2 * Math.PI * hz * i) / RATE);
  return Float32Array.from({ length: RATE * SECONDS }, (_, i) => {
    const grows = 0.6 + 0.4 * at(0.7, i);
    return 0.3 * grows * at(hz, i) + 0.09 * grows * at(2 * hz, i) + 0.03 * at(196, i) + 0.12 * hiss();
  });
}
