import { ref, watch, type Ref } from 'vue';

/** How something kept is typed: as it is written, and as it is read; null where that is not what is asked for. */
export interface TypedAs<T> {
  write(value: T): string;
  read(text: string): T | null;
}

/**
 * What stands in a box for something that is not kept as it was typed. It follows when that is changed by other hands: on
 * another screen, or taken back. What was typed here and comes to the same stays as it was typed; what cannot be read is
 * left to whoever typed it.
 */
export function useTypedText<T>(kept: () => T, { write, read }: TypedAs<T>): Ref<string> {
  const text = ref(write(kept()));
  watch(
    () => write(kept()),
    (now) => {
      const typed = read(text.value);
      if (typed !== null && write(typed) !== now) text.value = now;
    },
  );
  return text;
}
