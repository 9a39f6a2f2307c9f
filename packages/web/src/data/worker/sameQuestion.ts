import { same } from '../merge';

/** What is measured by the thousand, and is another whenever it is made anew. */
const isLong = (value: unknown): boolean => ArrayBuffer.isView(value);

/** Whether two questions ask the same, whatever was made anew of them: an answer to one is an answer to the other. */
export function sameQuestion(one: object | null, other: object | null | undefined): boolean {
  if (!one || !other) return one === other;
  const [mine, theirs] = [one, other] as [Record<string, unknown>, Record<string, unknown>];
  const keys = Object.keys(mine);
  return (
    keys.length === Object.keys(theirs).length &&
    keys.every((key) => mine[key] === theirs[key] || (!isLong(mine[key]) && same(mine[key], theirs[key])))
  );
}
