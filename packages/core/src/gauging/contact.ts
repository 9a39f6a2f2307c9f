/** Where the marking shows on the part after a try in its mate, as a sentence ends with it. */
export const CONTACT_NAMES = {
  large: 'at the large end',
  small: 'at the small end',
  middle: 'in the middle',
  ends: 'at both ends',
  full: 'all along',
  'two-bands': 'in two bands',
  spot: 'in one spot',
  'all-but-large': 'all along but the large end',
  rings: 'in rings',
  speckled: 'in speckles',
} as const;
export type Contact = keyof typeof CONTACT_NAMES;
export const CONTACTS = Object.keys(CONTACT_NAMES) as readonly Contact[];
