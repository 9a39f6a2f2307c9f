import { standing, type KeptRecord, isNote, isPhoto } from '@anello/core/job';
import { computed, type ComputedRef } from 'vue';
import { useRoute } from 'vue-router';
import { useJob, type About } from '../../data/stores/job';
import { ofShape, type View } from '../model/kind';
import { useJobModel } from '../model/useJobModel';

export interface NotesHere {
  /** The operation in hand, the shape in hand, or the piece. */
  readonly about: ComputedRef<About>;
  /** The same, as it is said. */
  readonly of: ComputedRef<string>;
  /** Notes and photos of it, on this piece. */
  readonly here: ComputedRef<readonly KeptRecord[]>;
}

/** What a note or a picture would be of, from wherever in the job one is; and those that are there already. */
export function useNotesHere(): NotesHere {
  const job = useJob();
  const model = useJobModel();
  const route = useRoute();
  const stage = computed(() => String(route.params['stage'] ?? 'part') as View);
  const about = computed<About>(() => {
    if (stage.value === 'work') return { operation: String(route.params['of'] ?? '') };
    return ofShape(stage.value) ? model.about.value : {};
  });
  return {
    about,
    here: computed(() =>
      standing(job.records).filter(
        ({ piece, operation, body }) =>
          piece === job.piece &&
          (isNote(body) || isPhoto(body)) &&
          (about.value.operation === undefined || operation === about.value.operation),
      ),
    ),
    of: computed(() =>
      stage.value === 'work'
        ? 'Of this operation'
        : about.value.operation
          ? `Of ${job.document?.features.find((f) => f.id === about.value.feature)?.name ?? 'this shape'}`
          : `Of piece ${job.piece}`,
    ),
  };
}
