/** Every school of setting: how an angle is brought in and proved. */
export const SCHOOL_IDS = [
  'indicator',
  'scale-trial',
  'master',
  'sine-bar',
  'pins',
  'setting-gauge',
  'edge',
  'ream',
] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];
