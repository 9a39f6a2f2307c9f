import { bench, plain, type Waiting } from './db';

/** Where a picture is sent to. */
export const PICTURES_URL = '/api/photos';

const timeOf = (key: string): number => Number(key.split(' ')[0]);
const idIn = (key: string): string => key.split(' ')[1] ?? '';

async function keys(): Promise<string[]> {
  return (await (await bench()).getAllKeys('pictures').catch(() => [])) as string[];
}

/**
 * Holds a picture the server has said it keeps, in case it is given an older book; those held since before a moment go. Where
 * the browser has no room for it there is none: the row of it is held all the same.
 */
export async function holdPicture(sent: Waiting['body'], since: number): Promise<void> {
  const { id } = sent as { id: string };
  const db = await bench();
  for (const key of await keys())
    if (timeOf(key) < since) await db.delete('pictures', key).catch(() => undefined);
  await db.put('pictures', plain({ key: `${Date.now()} ${id}`, sent })).catch(() => undefined);
}

/** A picture as it was sent; null where it is held no more. */
export async function heldPicture(id: string): Promise<Waiting['body'] | null> {
  const key = (await keys()).find((one) => idIn(one) === id);
  return key === undefined ? null : ((await (await bench()).get('pictures', key))?.sent ?? null);
}
