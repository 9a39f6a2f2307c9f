/** A measured input: its value and plus or minus (k = 2: 95 in 100 lie within it), in the same unit. */
export interface Measured {
  readonly value: number;
  readonly uncertainty: number;
}

export interface Propagated {
  readonly value: number;
  readonly uncertainty: number;
  /** What each input contributes to the uncertainty, most first. */
  readonly shares: readonly { readonly input: string; readonly part: number }[];
}

/** Part of an input's uncertainty the slope is taken over: small enough to be straight, large enough to be exact. */
const STEP = 1e-3;
const SMALLEST = 1e-9;

/**
 * Carries the plus or minus of independent inputs through a formula: u² = Σ (∂f/∂x · u_x)², the slopes taken by
 * central differences. Coverage goes through unchanged: k = 2 in, k = 2 out. Source: law of propagation of uncertainty, GUM 5.1.2. Errors: those of the formula.
 *
 * @example
 * propagate(
 *   { a: { value: 3, uncertainty: 0.1 }, b: { value: 4, uncertainty: 0.1 } },
 *   ({ a, b }) => a * b,
 * )
 * // → { value: 12, uncertainty: 0.5, shares: [{ input: 'a', part: 0.4 }, { input: 'b', part: 0.3 }] }
 */
export function propagate<K extends string>(
  inputs: Readonly<Record<K, Measured>>,
  formula: (values: Readonly<Record<K, number>>) => number,
): Propagated {
  const keys = Object.keys(inputs) as K[];
  const at = Object.fromEntries(keys.map((k) => [k, inputs[k].value])) as Record<K, number>;
  const shares = keys
    .map((input) => {
      const { value, uncertainty } = inputs[input];
      if (uncertainty === 0) return { input, part: 0 };
      const step = Math.max(uncertainty * STEP, SMALLEST);
      const up = formula({ ...at, [input]: value + step });
      const down = formula({ ...at, [input]: value - step });
      return { input, part: Math.abs(((up - down) / (2 * step)) * uncertainty) };
    })
    .sort((a, b) => b.part - a.part);
  return {
    value: formula(at),
    uncertainty: Math.hypot(...shares.map((s) => s.part)),
    shares,
  };
}
