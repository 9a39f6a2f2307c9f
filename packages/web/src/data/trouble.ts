import { ref } from 'vue';

/** What is the matter with this browser's own store, in a lasting word; null while it keeps what it is given. */
export const storeTrouble = ref<string | null>(null);

const FULL =
  'This browser’s store is full: what you keep now is held in this page alone until the server has it.';
const BLOCKED =
  'This browser keeps nothing (a private window, or its store is blocked): what you keep is held in this page alone until the server has it.';
const NEWER =
  'This browser’s store was left by a newer Anello: what you keep is held in this page alone until the server has it.';
const TORN =
  'Something kept in this browser was torn and could not be read; it is set aside and the rest goes on.';

const nameOf = (error: unknown): string =>
  error instanceof Error || error instanceof DOMException ? error.name : '';

export function sayTrouble(error: unknown): void {
  const name = nameOf(error);
  if (name === 'QuotaExceededError') storeTrouble.value = FULL;
  else if (name === 'VersionError') storeTrouble.value = NEWER;
  else if (error instanceof SyntaxError) storeTrouble.value ??= TORN;
  else storeTrouble.value = BLOCKED;
}
