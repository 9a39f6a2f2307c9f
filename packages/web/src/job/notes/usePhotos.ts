import type { SendPhoto } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { ref, type Ref } from 'vue';
import { PICTURES_URL } from '../../data/pictures';
import { newId } from '../../data/newId';
import { useJob, type About } from '../../data/stores/job';
import { useOutbox } from '../../data/stores/outbox';
import { shrunk } from './shrink';

export interface PhotoDesk {
  readonly busy: Ref<boolean>;
  /** Why the last one was not taken; empty while all is well. */
  readonly refused: Ref<string>;
  /** Keeps a picture of the job: of what it is about, or of another kept row. */
  take(file: Blob, given: { about?: About; text?: string; of?: string }): Promise<void>;
  /** Where a picture is shown from: the server, or this browser while it is on its way there. */
  addressOf(photo: string): string;
}

/** Pictures of the job on the screen. They go the way of everything kept: through the outbox, whether the server is there or not. */
export function usePhotos(): PhotoDesk {
  const job = useJob();
  const outbox = useOutbox();
  const busy = ref(false);
  const refused = ref('');
  return {
    busy,
    refused,
    async take(file, { about = {}, text = '', of }) {
      busy.value = true;
      refused.value = '';
      try {
        const photo = newId();
        const body: SendPhoto = { id: photo, jobId: job.id, jpeg: await shrunk(file) };
        // The picture before the row that names it.
        await outbox.add({ method: 'POST', url: PICTURES_URL, body });
        await job.keepAndOffer(
          { kind: 'photo', photo, text: text.trim(), ...(of ? { of } : {}) },
          'Photo kept.',
          about,
        );
      } catch (error) {
        if (!(error instanceof AnelloError)) throw error;
        refused.value = error.message;
      } finally {
        busy.value = false;
      }
    },
    addressOf(photo) {
      const waiting = outbox.waiting.find(
        ({ url, body }) => url === PICTURES_URL && (body as SendPhoto).id === photo,
      );
      return waiting
        ? `data:image/jpeg;base64,${(waiting.body as SendPhoto).jpeg}`
        : `/api/photos/${encodeURIComponent(photo)}`;
    },
  };
}
