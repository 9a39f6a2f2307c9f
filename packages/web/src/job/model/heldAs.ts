import type { Phrase } from '@anello/core/figure';
import type { HoldingSaid } from '@anello/core/plan';

/** How the piece is held while the shape in hand is worked, as the strip draws it. */
export interface HeldAs {
  /** On the part's own z; past its ends where stock is left to hold by; null where nothing closes on it. mm. */
  readonly grips: { readonly from: number; readonly to: number } | null;
  /** Its headstock end faces the tailstock. */
  readonly turned: boolean;
  readonly by: 'jaws' | 'socket' | 'bar';
  /** The thread a drawbar holds it by, where one does. */
  readonly drawbar: HoldingSaid['drawbar'];
  /** A centre stands at the free end, at the spindle's. */
  readonly centreFree: boolean;
  readonly centreSpindle: boolean;
  /** In words, for who cannot see it. */
  readonly said: string;
  /** What a good hand looks at before it is worked so. */
  readonly look: readonly Phrase[];
}
