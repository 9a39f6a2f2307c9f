/** Hidden faults of a lathe, as the cross-slide shows them; mm on radius. */
export interface ApproachFaults {
  /** Part of a cut that springs back. */
  readonly spring: number;
  /** Lost on the first infeed. */
  readonly lash: number;
  /** Lost again on every infeed after it, in this part of the passes. */
  readonly lashReturns: number;
  /** Any part of it is lost, and given back at the next pass; otherwise the whole, and the edge stays that much further off. */
  readonly lashGivenBack: boolean;
  /** The tool recedes by this at each pass. */
  readonly wear: number;
  /** Most that metal welded to the edge makes it cut deeper by; it grows from pass to pass and breaks off. */
  readonly builtUpEdge: number;
  /** Scatter of one cut, and of one measurement: standard deviations. */
  readonly scatter: number;
  readonly measuring: number;
  /** The dial moves the slide by this much for each 1 it shows. */
  readonly dial: number;
  /** One infeed is set deeper than told by this, and one measurement is read larger by that. */
  readonly misset: number;
  readonly misread: number;
}

/** A lathe that does as it is told, to start from. */
export const STEADY: ApproachFaults = {
  spring: 0,
  lash: 0,
  lashReturns: 0,
  lashGivenBack: false,
  wear: 0,
  builtUpEdge: 0,
  scatter: 0.0005,
  measuring: 0.0005,
  dial: 1,
  misset: 0,
  misread: 0,
};

type Draw = (uniform: () => number) => ApproachFaults;

const between = (uniform: () => number, from: number, to: number): number => from + (to - from) * uniform();

const calm: Draw = (u) => ({
  ...STEADY,
  spring: between(u, 0, 0.1),
  wear: between(u, 0, 0.0003),
  scatter: between(u, 0.0003, 0.001),
  measuring: between(u, 0.0005, 0.001),
  dial: between(u, 0.99, 1.01),
});

/** Lathes as they are met, each kind with one thing about it; drawn at random. Ranges are those of worn shop machines. */
export const HONEST_KINDS = {
  calm,
  spring: (u) => ({ ...calm(u), spring: between(u, 0.15, 0.45) }),
  wear: (u) => ({ ...calm(u), wear: between(u, 0.0005, 0.002) }),
  lash: (u) => ({ ...calm(u), lash: between(u, 0.01, 0.06) }),
  noise: (u) => ({ ...calm(u), scatter: between(u, 0.001, 0.003), measuring: between(u, 0.0015, 0.003) }),
  mixed: (u) => ({
    ...STEADY,
    spring: between(u, 0, 0.4),
    lash: u() < 0.5 ? 0 : between(u, 0, 0.06),
    wear: between(u, 0, 0.002),
    scatter: between(u, 0.0005, 0.003),
    measuring: between(u, 0.0005, 0.003),
    dial: between(u, 0.99, 1.01),
  }),
} as const satisfies Record<string, Draw>;

/** Lathes about which one thing that is usually taken for granted is wrong. */
export const WRONG_KINDS = {
  'doubled dial': (u) => ({ ...HONEST_KINDS.mixed(u), dial: 2 }),
  'halved dial': (u) => ({ ...HONEST_KINDS.mixed(u), dial: 0.5 }),
  'lash returns': (u) => ({ ...HONEST_KINDS.lash(u), lashReturns: 1 }),
  'lash comes and goes': (u) => ({ ...HONEST_KINDS.lash(u), lashReturns: 0.5 }),
  'lash given back': (u) => ({
    ...HONEST_KINDS.lash(u),
    lash: between(u, 0.005, 0.03),
    lashReturns: between(u, 0.5, 1),
    lashGivenBack: true,
  }),
  'built-up edge': (u) => ({ ...calm(u), builtUpEdge: between(u, 0.004, 0.012) }),
  'built-up edge, mixed': (u) => ({ ...HONEST_KINDS.mixed(u), builtUpEdge: between(u, 0.002, 0.01) }),
  'a division set wrong': (u) => ({ ...HONEST_KINDS.mixed(u), misset: 0.0025 }),
  'a mark set wrong': (u) => ({ ...calm(u), misset: 0.01 }),
  'a division misread': (u) => ({ ...HONEST_KINDS.mixed(u), misread: u() < 0.5 ? 0.0025 : -0.0025 }),
  'a measurement misread': (u) => ({ ...calm(u), misread: u() < 0.5 ? 0.01 : -0.01 }),
} as const satisfies Record<string, Draw>;
