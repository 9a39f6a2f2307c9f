import type { KindOfRecord } from './kind';

/** How the piece came out. */
export interface Verdict {
  readonly kind: 'verdict';
  readonly verdict: 'accepted' | 'rework' | 'scrap';
  readonly cause: string;
}

export const verdict: KindOfRecord<Verdict> = {
  kind: 'verdict',
  called: 'Verdicts',
  ofTheCut: true,
  say: (body) => [
    `${body.verdict.charAt(0).toUpperCase()}${body.verdict.slice(1)}`,
    ...(body.cause ? [': ', body.cause] : []),
  ],
};
