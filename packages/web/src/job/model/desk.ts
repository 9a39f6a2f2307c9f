import { inject, provide, type InjectionKey } from 'vue';

/**
 * A desk is what a stage works at: made by whoever asks first, and the same for everything on the screen under it.
 */
export function shared<T>(name: string, make: () => T): () => T {
  const key: InjectionKey<T> = Symbol(name);
  return () => {
    const found = inject(key, null);
    if (found) return found;
    const made = make();
    provide(key, made);
    return made;
  };
}
