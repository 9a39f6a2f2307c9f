import type { Beam } from './beam';

/** What was running when it sounded. */
export interface ChatterSetup {
  /** Of the spindle, a minute. */
  readonly turns: number;
  /** Jaws of the chuck; null between centres or in a collet. */
  readonly jaws: number | null;
  /** Teeth of the gears that turn with the spindle, where they are known. */
  readonly teeth?: readonly number[] | undefined;
  readonly bar?: Omit<Beam, 'held'> | undefined;
  readonly work?: Beam | undefined;
}
