/** What can be made of an eccentric, in the order usual, and how it is said when it has been. */
export const MADE = {
  outside: 'Outside turned',
  throw: 'Throw set',
  bore: 'Bored',
  groove: 'Grooves cut',
  screw: 'Set-screw’s hole tapped',
  packing: 'Packing made',
} as const;
export type MadeId = keyof typeof MADE;
export const MADE_IDS = Object.keys(MADE) as readonly MadeId[];

/** The figures a thing was made to, mm; null where the part has none. */
export interface MadeBasis {
  readonly throw: number;
  readonly diameter: number;
  readonly width: number;
  readonly bore: number | null;
  readonly hub: number | null;
}
