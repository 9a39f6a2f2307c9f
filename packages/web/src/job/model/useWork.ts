import { newWork, putWork, workOf, type WorkKind, type WorkOf } from '@anello/contract';
import { computed, type ComputedRef } from 'vue';
import { plain } from '../../data/db';
import { useJob } from '../../data/stores/job';
import { useJobModel } from './useJobModel';
import { withChanges } from './withChanges';

export interface WorkDesk<W> {
  /** As it was said, or the usual. */
  readonly work: ComputedRef<W>;
  /** Changes what is said of it, in the copy it is given. */
  edit(change: (work: W) => void): void;
  /** Lays changes over it; a figure changed to nothing is taken out. */
  lay(changes: Partial<W>): void;
}

/** How the shape in hand is made, and how that is changed. */
export function useWork<K extends WorkKind>(kind: K): WorkDesk<WorkOf<K>> {
  const job = useJob();
  const { shape } = useJobModel();
  function put(next: (work: WorkOf<K>) => WorkOf<K>): void {
    const of = shape.value;
    if (of?.kind !== kind) return;
    job.edit((draft) => putWork(draft, of.feature, next(plain(workOf(draft, of.feature, kind)))));
  }
  return {
    work: computed(() =>
      job.document && shape.value?.kind === kind
        ? workOf(job.document, shape.value.feature, kind)
        : newWork(kind),
    ),
    edit: (change) =>
      put((work) => {
        change(work);
        return work;
      }),
    lay: (changes) => put((work) => withChanges<WorkOf<K>>(work, changes)),
  };
}
