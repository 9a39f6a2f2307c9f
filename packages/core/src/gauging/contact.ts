/** Where the marking shows on the part after a try in its mate. */
export const CONTACTS = [
  'large',
  'small',
  'middle',
  'ends',
  'full',
  'two-bands',
  'spot',
  'all-but-large',
  'rings',
  'speckled',
] as const;
export type Contact = (typeof CONTACTS)[number];
