/** What tools are made of here. */
export const TOOL_MATERIALS = ['hss', 'carbide'] as const;
export type ToolMaterial = (typeof TOOL_MATERIALS)[number];

/** One row of the shop's table of materials. */
export interface Material {
  readonly name: string;
  /** Other names it goes by on drawings, commas between. */
  readonly alsoCalled: string;
  /** Turning speed with a high-speed tool and with carbide, m/min. */
  readonly speedHss: number;
  readonly speedCarbide: number;
  /** Roughing and finishing feed, mm a turn. */
  readonly feed: number;
  readonly fineFeed: number;
  /** g/cm³. */
  readonly density: number;
  /** Per °C. */
  readonly expansion: number;
  /** What goes on the cut with a high-speed tool; the usual for it where it is not said. */
  readonly lubricant?: string | undefined;
  readonly source: string;
}

const HANDBOOK = 'usual workshop figures, conservative; change them to what your tools bear';
const micro = (value: number): number => value * 1e-6;

/** A starting table: round figures as workshop handbooks agree on them, for one-offs on a light lathe. */
export const USUAL_MATERIALS: readonly Material[] = [
  {
    name: 'Free-cutting and mild steel',
    alsoCalled:
      'mild steel, EN1A, EN1APb, EN3, EN3B, 230M07, 080A15, 1018, 1020, 1215, 12L14, S235, S355, St37, 11SMn30, C15',
    speedHss: 30,
    speedCarbide: 120,
    feed: 0.2,
    fineFeed: 0.08,
    density: 7.85,
    expansion: micro(11.7),
    lubricant: 'Cutting oil',
    source: HANDBOOK,
  },
  {
    name: 'Medium carbon steel',
    alsoCalled: 'carbon steel, EN8, 080M40, EN9, C35, C45, Ck45, C60, 1040, 1045',
    speedHss: 24,
    speedCarbide: 100,
    feed: 0.18,
    fineFeed: 0.08,
    density: 7.85,
    expansion: micro(11.4),
    lubricant: 'Cutting oil',
    source: HANDBOOK,
  },
  {
    name: 'Alloy steel, toughened',
    alsoCalled:
      'alloy steel, EN16, EN19, EN24, EN24T, EN36, 4140, 4340, 8620, 42CrMo4, 34CrNiMo6, 16MnCr5, 18CrNiMo7',
    speedHss: 16,
    speedCarbide: 80,
    feed: 0.15,
    fineFeed: 0.06,
    density: 7.85,
    expansion: micro(11.3),
    lubricant: 'Sulphurised cutting oil',
    source: HANDBOOK,
  },
  {
    name: 'Tool steel, annealed',
    alsoCalled:
      'tool steel, silver steel, drill rod, gauge plate, ground flat stock, O1, O2, W1, A2, D2, 90MnCrV8, 115CrV3, 100Cr6, 52100',
    speedHss: 14,
    speedCarbide: 70,
    feed: 0.12,
    fineFeed: 0.06,
    density: 7.85,
    expansion: micro(11.2),
    lubricant: 'Sulphurised cutting oil',
    source: HANDBOOK,
  },
  {
    name: 'Stainless steel',
    alsoCalled: 'stainless, 303, 304, 316, 416, 420, 431, 1.4301, 1.4305, 1.4404',
    speedHss: 14,
    speedCarbide: 80,
    feed: 0.15,
    fineFeed: 0.08,
    density: 7.95,
    expansion: micro(16.5),
    lubricant: 'Sulphurised oil, never let rub',
    source: HANDBOOK,
  },
  {
    name: 'Grey cast iron',
    alsoCalled: 'cast iron, grey iron, gray iron, CI, GG20, GG25, GJL-200, GJL-250, meehanite, durabar',
    speedHss: 20,
    speedCarbide: 70,
    feed: 0.2,
    fineFeed: 0.1,
    density: 7.2,
    expansion: micro(10.5),
    lubricant: 'Cut dry',
    source: HANDBOOK,
  },
  {
    name: 'Brass',
    alsoCalled: 'CZ121, CZ108, CW614N, C360, Ms58, gunmetal',
    speedHss: 70,
    speedCarbide: 180,
    feed: 0.15,
    fineFeed: 0.06,
    density: 8.5,
    expansion: micro(19),
    lubricant: 'Cut dry',
    source: HANDBOOK,
  },
  {
    name: 'Bronze',
    alsoCalled: 'phosphor bronze, PB1, PB102, SAE660, leaded bronze, aluminium bronze, CuSn8, CuSn12',
    speedHss: 30,
    speedCarbide: 110,
    feed: 0.15,
    fineFeed: 0.06,
    density: 8.8,
    expansion: micro(18),
    lubricant: 'Light oil',
    source: HANDBOOK,
  },
  {
    name: 'Aluminium alloy',
    alsoCalled: 'aluminium, aluminum, 2011, 2017, 2024, 6061, 6082, 7075, HE30, AlMgSi1, AlCuMgPb, dural',
    speedHss: 90,
    speedCarbide: 250,
    feed: 0.2,
    fineFeed: 0.08,
    density: 2.7,
    expansion: micro(23.5),
    lubricant: 'Paraffin or a light oil',
    source: HANDBOOK,
  },
];

/**
 * The row a drawing's words mean: the one whose longest name stands in them; none when nothing does.
 *
 * @example
 * materialNamed('bronze', USUAL_MATERIALS)?.name
 * // → 'Bronze'
 */
export function materialNamed(words: string, rows: readonly Material[]): Material | null {
  const said = words.toLowerCase();
  const scored = rows.map((row) => ({ row, score: longestWithin(row, said) })).filter((r) => r.score > 0);
  return scored.sort((a, b) => b.score - a.score)[0]?.row ?? null;
}

function longestWithin(row: Material, said: string): number {
  const names = [row.name, ...row.alsoCalled.split(',')]
    .map((n) => n.trim().toLowerCase())
    .filter((n) => n !== '');
  return Math.max(0, ...names.filter((n) => standsIn(n, said)).map((n) => n.length));
}

const LETTER_OR_FIGURE = /[a-z\d]/;

/** As a word: CI is not in "precision", 304 not in 1304. Of a grade a letter may follow: 316L, EN8M. */
function standsIn(name: string, said: string): boolean {
  const goesOn = /\d$/.test(name) ? /\d/ : LETTER_OR_FIGURE;
  for (let at = said.indexOf(name); at >= 0; at = said.indexOf(name, at + 1))
    if (!LETTER_OR_FIGURE.test(said.charAt(at - 1)) && !goesOn.test(said.charAt(at + name.length)))
      return true;
  return false;
}
