import type { KindOfRecord } from './kind';

/** What a hand can feel, as it is said. */
const FELT = {
  'loose-large': 'Loose at the large end',
  'loose-small': 'Loose at the small end',
  'loose-both': 'Loose at both ends',
  firm: 'No shake',
  sticks: 'Sticks when pushed home',
  'lets-go': 'Does not stick',
  warm: 'Warmer than its gauge',
  'as-cool': 'As cool as its gauge',
} as const;
export const FEELS = Object.keys(FELT) as (keyof typeof FELT)[];
export type Feel = keyof typeof FELT;

/** What a hand felt of the part pushed home in its mate. */
export interface Felt {
  readonly kind: 'felt';
  readonly feel: Feel;
}

export const felt: KindOfRecord<Felt> = {
  kind: 'felt',
  called: 'What a hand felt',
  stage: 'prove',
  ofTheCut: true,
  say: (body) => [FELT[body.feel]],
};
