import type { RecordBody, RecordKind } from '@anello/core/job';
import { defineAsyncComponent, type Component } from 'vue';
import PhotoShown from '../notes/PhotoShown.vue';

/** Rows that have more to show than a sentence, by their kind; what each is shown by takes of the row what it needs. */
const PICTURES: Partial<Record<RecordKind, { readonly by: Component; readonly takes: readonly string[] }>> = {
  photo: { by: PhotoShown, takes: ['photo', 'text'] },
  swept: {
    by: defineAsyncComponent(() => import('./SweptShown.vue')),
    takes: ['travel', 'reading', 'expectedSlope'],
  },
};

/** What a row is shown by besides its sentence; null of most. */
export function pictureOf(body: RecordBody): { readonly by: Component; readonly props: object } | null {
  const picture = PICTURES[body.kind];
  if (!picture) return null;
  const given = Object.entries(body).filter(([key]) => picture.takes.includes(key));
  return { by: picture.by, props: Object.fromEntries(given) };
}
