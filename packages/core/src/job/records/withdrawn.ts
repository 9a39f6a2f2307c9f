import type { KindOfRecord } from './kind';

/** An earlier row taken back. */
export interface Withdrawn {
  readonly kind: 'withdrawn';
  readonly record: string;
}

export const withdrawn: KindOfRecord<Withdrawn> = {
  kind: 'withdrawn',
  beside: true,
  say: () => ['Taken back'],
};
