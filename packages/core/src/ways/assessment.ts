import type { Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';

/** A way weighed on a part and a lathe, whatever the part is: what every such comparison says. */
export interface Assessment<Id extends string> {
  readonly id: Id;
  readonly title: string;
  /** Reasons it cannot work; none means it can. */
  readonly blockers: readonly Phrase[];
  /** The figure it is set to. */
  readonly setting: Figure;
  readonly settingLabel: string;
  /** Worth knowing before choosing. */
  readonly notes: readonly Phrase[];
}
