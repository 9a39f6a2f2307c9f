import type { Ended, Work } from './work';

export interface Row {
  readonly work: string;
  readonly hand: string;
  readonly right: number;
  readonly past: number;
  readonly scrap: number;
  /** Median, and where the worst tenth begins. */
  readonly trials: readonly [number, number];
  readonly minutes: readonly [number, number];
}

export function rowOf({ title }: Work, hand: string, runs: readonly Ended[]): Row {
  const share = (of: (run: Ended) => boolean): number => runs.filter(of).length / runs.length;
  const at = (of: (run: Ended) => number, part: number): number => {
    const sorted = runs.map(of).sort((a, b) => a - b);
    return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? 0;
  };
  return {
    work: title,
    hand,
    right: share((run) => run.right),
    past: share((run) => run.past),
    scrap: share((run) => run.scrap),
    trials: [at((run) => run.trials, 0.5), at((run) => run.trials, 0.9)],
    minutes: [at((run) => run.minutes, 0.5), at((run) => run.minutes, 0.9)],
  };
}

const HEAD = [
  'work',
  'hand',
  'right first',
  'past',
  'scrap',
  'trials',
  'worst tenth',
  'minutes',
  'worst tenth',
];
const percent = (part: number): string => `${(100 * part).toFixed(1)} %`;

export function tableOf(rows: readonly Row[]): string {
  const cells = rows.map(({ work, hand, right, past, scrap, trials, minutes }) => [
    work,
    hand,
    percent(right),
    percent(past),
    percent(scrap),
    ...trials.map(String),
    ...minutes.map((m) => m.toFixed(0)),
  ]);
  const widths = HEAD.map((head, i) => Math.max(head.length, ...cells.map((row) => row[i]!.length)));
  return [HEAD, ...cells]
    .map((row) =>
      row
        .map((cell, i) => cell.padEnd(widths[i]!))
        .join('  ')
        .trimEnd(),
    )
    .join('\n');
}
