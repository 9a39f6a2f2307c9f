import fc from 'fast-check';

/** Any figure between two, for what must hold of all. */
export const real = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });
