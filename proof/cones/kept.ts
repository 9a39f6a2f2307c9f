import type { KeptRecord } from '@anello/core/job';
import type { WayId } from '@anello/core/taper';

/** The records of a piece, as the screens keep them. */
export class Kept {
  readonly all: KeptRecord[] = [];

  keep(body: KeptRecord['body']): void {
    const n = this.all.length;
    this.all.push({
      id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
      jobId: 'proof',
      piece: 1,
      at: new Date(Date.UTC(2026, 10, 1, 8, 0, n)).toISOString(),
      operator: 'cards',
      body,
    });
  }

  passed(depth: number): void {
    this.keep({ kind: 'pass', dialFrom: 0, dialTo: 0, planned: 0, depth, typed: '' });
  }

  measured(diameter: number, expected: number): void {
    this.keep({ kind: 'measured', diameter, expected, dialAt: 0, typed: '' });
  }

  swept({ ratio, uncertainty }: { readonly ratio: number; readonly uncertainty: number }): void {
    this.keep({ kind: 'cone', method: 'sweep', ratio, uncertainty });
  }

  nudged(way: WayId, from: number, to: number): void {
    this.keep({
      kind: 'nudge',
      way,
      step: 'sweep',
      amount: Math.abs(to - from),
      direction: '',
      fromHalfAngle: from,
      toHalfAngle: to,
    });
  }
}
