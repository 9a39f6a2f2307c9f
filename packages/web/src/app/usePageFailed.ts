import { onErrorCaptured, shallowRef, watch, type ShallowRef } from 'vue';
import { useRoute } from 'vue-router';

/** Set up, drawn or drawn anew, as it is told built and unbuilt; what a hand did in a page leaves it standing. */
const DRAWING = /-(0|1|15)$|setup|render|update/;

/** What a page could not be drawn for, until another is opened; null where it is drawn. It is reported all the same. */
export function usePageFailed(): ShallowRef<unknown> {
  const failed = shallowRef<unknown>(null);
  const route = useRoute();
  onErrorCaptured((error, _, where) => {
    if (DRAWING.test(where)) failed.value = error;
  });
  watch(
    () => route.path,
    () => (failed.value = null),
  );
  return failed;
}
