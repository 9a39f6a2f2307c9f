import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BATCH_ORDERS, nextInBatch, provedOn, type BatchAt, type BatchOrder } from './nextInBatch';
import type { LineOperation } from './lineOfWork';
import type { RecordBody } from './records/registry';
import { currentPiece, type KeptRecord } from './records/row';

let made = 0;
const row = (body: RecordBody, piece: number, about: Partial<KeptRecord> = {}): KeptRecord => ({
  id: `r${++made}`,
  jobId: 'j',
  piece,
  at: '2026-11-26T09:00:00Z',
  operator: 'RK',
  ...about,
  body,
});
const plain = (id: string): LineOperation => ({ id, features: [], loop: false });
const cone: LineOperation = { id: 'taper-c', features: ['c'], loop: true };
const HOLDINGS = [
  [plain('face'), plain('drill')],
  [plain('turn'), cone],
];
const at = (
  order: BatchOrder,
  records: readonly KeptRecord[],
  quantity = 3,
  goOn?: ReadonlySet<number>,
): BatchAt => ({
  order,
  holdings: HOLDINGS,
  goOn,
  records,
  quantity,
  piece: currentPiece(records),
  shapes: ['c'],
});

/** Does whatever is next, over and over: every step as `piece:operation`, a verdict as `piece:!`. */
function workedThrough(
  order: BatchOrder,
  quantity: number,
  scrapped: readonly number[] = [],
  goOn?: ReadonlySet<number>,
): string[] {
  const records: KeptRecord[] = [];
  const steps: string[] = [];
  for (;;) {
    const next = nextInBatch(at(order, records, quantity, goOn));
    if (!next) return steps;
    if (next.piece !== currentPiece(records))
      records.push(row({ kind: 'piece', carriedFrom: null }, next.piece));
    steps.push(`${next.piece}:${next.operation ?? '!'}`);
    if (steps.length > 200) throw new Error('It never ends.');
    const { operation, piece } = next;
    if (operation === null) records.push(row({ kind: 'verdict', verdict: 'accepted', cause: '' }, piece));
    else if (operation === 'turn' && scrapped.includes(piece))
      records.push(row({ kind: 'verdict', verdict: 'scrap', cause: 'dug in' }, piece, { feature: 'c' }));
    else if (operation === cone.id)
      records.push(
        row({ kind: 'verdict', verdict: 'accepted', cause: '' }, piece, { feature: 'c', operation }),
      );
    else records.push(row({ kind: 'worked', said: operation }, piece, { operation }));
  }
}

describe('a batch worked through', () => {
  it('in turn, each piece goes from bar to part before the next', () => {
    expect(workedThrough('in-turn', 2)).toEqual([
      '1:face',
      '1:drill',
      '1:turn',
      '1:taper-c',
      '2:face',
      '2:drill',
      '2:turn',
      '2:taper-c',
    ]);
  });
  it('holding by holding, a piece is not taken out where the next goes on in the same jaws', () => {
    expect(workedThrough('by-holding', 2, [], new Set([1]))).toEqual(workedThrough('in-turn', 2));
    // The first goes on from nothing.
    expect(workedThrough('by-holding', 2, [], new Set([0]))).toEqual(workedThrough('by-holding', 2));
  });
  it('holding by holding, every piece goes through one before the next is set up', () => {
    expect(workedThrough('by-holding', 2)).toEqual([
      '1:face',
      '1:drill',
      '2:face',
      '2:drill',
      '2:turn',
      '2:taper-c',
      '1:turn',
      '1:taper-c',
    ]);
  });
  it('a piece accepted by its only shape still has what comes after it', () => {
    const after = [[cone, plain('mill')]];
    const accepted = (about: Partial<KeptRecord>): KeptRecord =>
      row({ kind: 'verdict', verdict: 'accepted', cause: '' }, 1, { feature: 'c', ...about });
    const next = (records: KeptRecord[]) => nextInBatch({ ...at('in-turn', records, 1), holdings: after });
    expect(next([accepted({ operation: cone.id })])).toEqual({ piece: 1, operation: 'mill' });
    expect(
      next([accepted({ operation: cone.id }), row({ kind: 'worked', said: '' }, 1, { operation: 'mill' })]),
    ).toBeNull();
    // From before a verdict said in which operation it was given, it was given of the piece.
    expect(next([accepted({})])).toBeNull();
  });
  it('a shape that was scrapped is proved by nothing, and no operation of it is done for that', () => {
    const verdict = (said: 'accepted' | 'scrap'): KeptRecord => ({
      ...{ id: `v-${said}`, jobId: 'j', piece: 1, at: '2026-11-20T09:00:00Z', operator: 'RK' },
      ...{ feature: 'cone', operation: 'taper' },
      body: { kind: 'verdict', verdict: said, cause: '' },
    });
    const proved = (...records: KeptRecord[]) => provedOn({ records, shapes: ['cone'] }, 1);
    expect([proved(verdict('accepted')), proved(verdict('scrap'))]).toEqual([['cone'], []]);
    expect(proved(verdict('accepted'), verdict('scrap'))).toEqual([]);
  });
  it('a piece that is scrapped is not taken up again', () => {
    const steps = workedThrough('by-holding', 3, [2]);
    expect(steps.filter((s) => s.startsWith('2:'))).toEqual(['2:face', '2:drill', '2:turn']);
  });
  it('does every operation of every piece once, whatever the order, and ends', () =>
    fc.assert(
      fc.property(fc.constantFrom(...BATCH_ORDERS), fc.integer({ min: 1, max: 6 }), (order, quantity) => {
        const steps = workedThrough(order, quantity);
        const all = Array.from({ length: quantity }, (_, i) =>
          HOLDINGS.flat().map(({ id }) => `${i + 1}:${id}`),
        );
        expect([...steps].sort()).toEqual(all.flat().sort());
      }),
    ));
  it('is never set up more often by holding than in turn', () => {
    const setUps = (steps: readonly string[]): number => {
      const holding = (step: string): string =>
        `${step.split(':')[0]} ${HOLDINGS.findIndex((h) => h.some(({ id }) => step.endsWith(`:${id}`)))}`;
      return steps.map(holding).filter((h, i, all) => h.split(' ')[1] !== all[i - 1]?.split(' ')[1]).length;
    };
    expect(setUps(workedThrough('by-holding', 4))).toBe(2);
    expect(setUps(workedThrough('in-turn', 4))).toBe(8);
  });
});
