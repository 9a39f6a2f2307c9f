import type { WireReading } from './line';

/** A reading with when it came to the server, ms. */
export interface CameIn extends WireReading {
  readonly came: number;
}

/** What the server tells every screen that listens to the wire. */
export type WireEvent =
  | { readonly is: 'readings'; readonly of: readonly CameIn[] }
  /** What everything showed last, told to a screen that begins to listen. */
  | { readonly is: 'stand'; readonly of: readonly CameIn[] }
  /** Its source is closed; what else it had came before. */
  | { readonly is: 'gone'; readonly instruments: readonly string[] };

/** What the server tells a source: a line it could not use, or that it sends too much. */
export interface WireRefused {
  readonly is: 'refused';
  readonly said: string;
}
