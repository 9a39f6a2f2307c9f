/** Which form of each document this Anello writes. A change to a form raises its number and migrates the older. */
export const JOB_SCHEMA = 5;
export const MACHINE_SCHEMA = 3;
export const KIT_SCHEMA = 1;
export const SHOP_TAPER_SCHEMA = 1;

/** How a shop bundle says what it is, and in which form. */
export const BUNDLE_FORMAT = 'anello-shop';
/** Form 2 has jobs, records and settings too; form 3 names photos, which lie beside it in the zip. */
export const BUNDLE_SCHEMA = 3;

export const CHUCK_KINDS = ['three-jaw', 'four-jaw', 'collet', 'faceplate'] as const;

/** A profile has no more points than this: more is a scan, not a drawing. */
export const MOST_POINTS = 2000;
