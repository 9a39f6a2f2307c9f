/** Families of vee thread. Metric and unified share one profile. */
export const THREAD_FORMS = ['metric', 'unified', 'whitworth'] as const;
export type ThreadForm = (typeof THREAD_FORMS)[number];

/** A family's profile, lengths as multiples of the pitch. */
export interface ThreadProfile {
  /** Half the angle between the flanks, rad. */
  readonly flank: number;
  /** Depth an outside thread is cut to, on radius. */
  readonly depth: number;
  /** Overlap of a full nut and screw, on radius: what 100 % engagement means. */
  readonly overlap: number;
  /** Major diameter less pitch diameter. */
  readonly toPitchLine: number;
}

const DEGREE = Math.PI / 180;
/** Height of the sharp triangle of a 60° thread and of a 55° one. */
const H60 = Math.sqrt(3) / 2;
const H55 = 1 / (2 * Math.tan(27.5 * DEGREE));

const sixty: ThreadProfile = {
  flank: 30 * DEGREE,
  depth: (17 / 24) * H60,
  overlap: (5 / 8) * H60,
  toPitchLine: (3 / 4) * H60,
};

/** Basic profiles. Source: ISO 68-1 (metric, unified) and the 55° form rounded a sixth at crest and root. */
export const PROFILES: Readonly<Record<ThreadForm, ThreadProfile>> = {
  metric: sixty,
  unified: sixty,
  whitworth: {
    flank: 27.5 * DEGREE,
    depth: (2 / 3) * H55,
    overlap: (2 / 3) * H55,
    toPitchLine: (2 / 3) * H55,
  },
};

/** A vee thread: lengths mm. */
export interface VeeThread {
  readonly form: ThreadForm;
  readonly diameter: number;
  readonly pitch: number;
}
