import type { Waiting } from './db';
import { LOCAL } from './names';
import { newId } from './newId';
import { sayTrouble } from './trouble';

const PREFIX = LOCAL.keeping;

/**
 * The way into the outbox takes some milliseconds, and a page may go in them: what is kept is first written where it is safe
 * before the key's event ends, and struck out when it lies in the outbox. Sent twice it is kept once.
 */
export function writeNow(item: Waiting): string {
  const key = `${PREFIX}${newId()}`;
  try {
    localStorage.setItem(key, JSON.stringify(item));
  } catch (error) {
    sayTrouble(error);
  }
  return key;
}

export function strikeOut(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch (error) {
    sayTrouble(error);
  }
}

/** A torn one goes on as an entry that cannot be sent, and is shown as such. */
function read(text: string): Waiting {
  try {
    return JSON.parse(text) as Waiting;
  } catch {
    return { method: 'POST', url: '', body: { torn: text } };
  }
}

/** What a page that went had not yet brought into the outbox. */
export function leftOver(): { key: string; item: Waiting }[] {
  const found: { key: string; item: Waiting }[] = [];
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i);
      if (key?.startsWith(PREFIX)) found.push({ key, item: read(localStorage.getItem(key) ?? '') });
    }
  } catch (error) {
    sayTrouble(error);
  }
  return found;
}
