import { ref, watch, type Ref } from 'vue';
import { HELD } from '../data/names';
import { useHeld } from '../data/useHeld';

/** How something kept is typed: as it is written, and as it is read; null where that is not what is asked for. */
export interface TypedAs<T> {
  write(value: T): string;
  read(text: string): T | null;
}

/**
 * What stands in a box for something that is not kept as it was typed. It follows when that is changed by other hands: on
 * another screen, or taken back. What was typed here and comes to the same stays as it was typed; what cannot be read is
 * left to whoever typed it, and stands there after a reload.
 * @param box names it among all boxes
 */
export function useTypedText<T>(box: string, kept: () => T, { write, read }: TypedAs<T>): Ref<string> {
  const unread = useHeld<string | null>(HELD.typed(box), null);
  const text = ref(unread.value ?? write(kept()));
  watch(text, (typed) => (unread.value = read(typed) === null ? typed : null));
  watch(
    () => write(kept()),
    (now) => {
      const typed = read(text.value);
      if (typed !== null && write(typed) !== now) text.value = now;
    },
  );
  return text;
}
