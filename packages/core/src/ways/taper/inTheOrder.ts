/** What a way of making the taper means for the order of work. */
export interface InTheOrder {
  /** Why what needs the tailstock or the plain feeds comes before the set-up. */
  readonly danger: string;
  /** Why an outside thread waits until the device has let go again; nothing when it need not. */
  readonly threading?: string;
  /** How the device is put back afterwards, where it has to be. */
  readonly home?: string;
  /** What of its setting need not be undone for that, and serves the next taper that is alike. */
  readonly stays?: string;
}

/** A set-up that leaves tailstock and feeds where they are. */
export const NOTHING_IN_THE_WAY: InTheOrder = {
  danger: 'The set-up has to be broken down for it.',
};
