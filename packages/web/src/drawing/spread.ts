export interface Label {
  /** Where it would like its middle to be. */
  readonly want: number;
  readonly width: number;
}

/**
 * Moves labels on a line as little as it takes for none to overlap and none to leave [from, to]; keeps
 * their order. Labels that cannot all fit are packed from the left. Returns their middles.
 * Clusters that collide are merged and set about their common middle, as in isotonic regression.
 */
export function spreadLabels(labels: readonly Label[], from: number, to: number, gap = 10): number[] {
  const order = labels.map((label, index) => ({ label, index })).sort((a, b) => a.label.want - b.label.want);
  const clusters: { members: typeof order; left: number; width: number }[] = [];
  for (const item of order) {
    clusters.push(settle([item], from, to, gap));
    while (clusters.length > 1 && overlaps(clusters.at(-2)!, clusters.at(-1)!, gap)) {
      const last = clusters.pop()!;
      const before = clusters.pop()!;
      clusters.push(settle([...before.members, ...last.members], from, to, gap));
    }
  }
  const middles = new Array<number>(labels.length).fill(0);
  for (const cluster of clusters) {
    let x = cluster.left;
    for (const { label, index } of cluster.members) {
      middles[index] = x + label.width / 2;
      x += label.width + gap;
    }
  }
  return middles;
}

function settle<T extends { label: Label }>(
  members: T[],
  from: number,
  to: number,
  gap: number,
): { members: T[]; left: number; width: number } {
  const width = members.reduce((w, m) => w + m.label.width, 0) + gap * (members.length - 1);
  let offset = 0;
  let wanted = 0;
  for (const { label } of members) {
    wanted += label.want - (offset + label.width / 2);
    offset += label.width + gap;
  }
  const left = Math.max(from, Math.min(wanted / members.length, to - width));
  return { members, left, width };
}

const overlaps = (a: { left: number; width: number }, b: { left: number }, gap: number): boolean =>
  a.left + a.width + gap > b.left + 1e-9;
