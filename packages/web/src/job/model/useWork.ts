import { newWork, putWork, workOf, type WorkKind, type WorkOf } from '@anello/contract';
import { computed, type ComputedRef } from 'vue';
import { plain } from '../../data/db';
import { useJob } from '../../data/stores/job';
import { useJobModel } from './useJobModel';
import { withChanges } from './withChanges';

export interface WorkChange<W> {
  /** Changes what is said of it, in the copy it is given. */
  edit(change: (work: W) => void): void;
  /** Lays changes over it; a figure changed to nothing is taken out. */
  lay(changes: Partial<W>): void;
}
export interface WorkDesk<W> extends WorkChange<W> {
  /** As it was said, or the usual. */
  readonly work: ComputedRef<W>;
  /** The same for the shape that is in hand now, whichever is by the time it is changed: to take something back. */
  held(): WorkChange<W>;
}

/** How the shape in hand is made, and how that is changed. */
export function useWork<K extends WorkKind>(kind: K): WorkDesk<WorkOf<K>> {
  const job = useJob();
  const { shape } = useJobModel();
  function held(): WorkChange<WorkOf<K>> {
    const of = shape.value;
    function put(next: (work: WorkOf<K>) => WorkOf<K>): void {
      if (of?.kind !== kind) return;
      job.edit((draft) => putWork(draft, of.feature, next(plain(workOf(draft, of.feature, kind)))));
    }
    return {
      edit: (change) =>
        put((work) => {
          change(work);
          return work;
        }),
      lay: (changes) => put((work) => withChanges<WorkOf<K>>(work, changes)),
    };
  }
  return {
    held,
    work: computed(() =>
      job.document && shape.value?.kind === kind
        ? workOf(job.document, shape.value.feature, kind)
        : newWork(kind),
    ),
    edit: (change) => held().edit(change),
    lay: (changes) => held().lay(changes),
  };
}
