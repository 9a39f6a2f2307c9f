/** On radius, mm: where figures of the dial are reckoned to be the same. */
const HAIR = 1e-9;

/**
 * Follows the passes of an edge in their order and gives what each feeds into metal, mm on radius: 0 at the figure it has cut
 * at, null where it was drawn back and cuts air. Fed on, it cuts again only past where it stood.
 */
export function feeding(): (depth: number) => number | null {
  let back = 0;
  return (depth) => {
    back -= depth;
    if (back > HAIR) return null;
    const fed = Math.max(0, -back);
    back = 0;
    return fed;
  };
}
