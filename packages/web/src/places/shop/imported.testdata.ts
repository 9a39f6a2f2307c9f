import type { Imported } from '@anello/contract';

/** What comes of an empty file. */
export const NOTHING_IMPORTED: Imported = {
  added: [],
  same: [],
  beside: [],
  differ: [],
  kept: 0,
  photos: 0,
  left: { withoutJob: 0, different: 0, unwanted: 0, photos: 0 },
};
