import { describe, expect, it } from 'vitest';
import type { Holding, PlanPart } from '../piece/line';
import { planPart } from '../propose/planPart';
import { WHOLE } from '../wholeParts.testdata';
import { checkPlan } from './checkPlan';

const proposed = (part: PlanPart): readonly Holding[] => planPart(part).holdings;
/** An operation of the last holding put before another of it. */
function before(line: readonly Holding[], id: string, other: string): Holding[] {
  const last = line.at(-1)!;
  const one = last.operations.find((o) => o.id === id)!;
  const rest = last.operations.filter((o) => o !== one);
  const at = rest.findIndex((o) => o.id === other);
  return [...line.slice(0, -1), { ...last, operations: rest.toSpliced(at, 0, one) }];
}
const said = (part: PlanPart, line: readonly Holding[]): [string, string | null, string][] =>
  checkPlan(part, line).map(({ code, operation, sentence }) => [code, operation, sentence]);

describe('what is to be the last of its kind', () => {
  const part = WHOLE.spindle;
  const line = proposed(part);
  const ids = line.at(-1)!.operations.map(({ id }) => id);
  it('is nothing wrong as it is proposed, whatever the part', () => {
    expect(ids.slice(-3)).toEqual(['finish', 'harden', 'inspect']);
    for (const one of Object.values(WHOLE)) expect(said(one, proposed(one))).toEqual([]);
  });
  it('edges are broken after what leaves new ones', () => {
    const cut = ids.at(-4)!;
    const [found, ...more] = said(part, before(line, 'finish', cut));
    expect(found!.slice(0, 2)).toEqual(['edges-broken', 'finish']);
    expect(found![2]).toMatch(/^[A-Z].*, after it, leaves new edges that nobody breaks\.$/);
    expect(more).toEqual([]);
  });
  it('with more than one of them after it, all are counted', () => {
    const [, found] = said(part, [line.at(-1)!, ...line.slice(0, -1)]).filter(([code]) =>
      ['edges-broken', 'measured-already'].includes(code),
    );
    expect(found![2]).toMatch(/^\S.* and \d+ more, after it, leave another size than was measured\.$/);
  });
  it('a piece is measured after it was hardened, and broken edges are no other size', () => {
    expect(said(part, before(line, 'inspect', 'harden'))).toEqual([
      ['measured-already', 'inspect', 'Harden, after it, leaves another size than was measured.'],
    ]);
    const { harden: _, ...soft } = part;
    const without = proposed(soft);
    expect(said(soft, before(without, 'inspect', 'finish'))).toEqual([]);
  });
  it('once more after it mends it', () => {
    const twice = before(line, 'inspect', 'harden');
    const again = { ...twice.at(-1)!.operations.find(({ id }) => id === 'inspect')!, id: 'inspect-again' };
    const last = twice.at(-1)!;
    const mended = [...twice.slice(0, -1), { ...last, operations: [...last.operations, again] }];
    expect(said(part, mended)).toEqual([]);
  });
  it('what is to be hard and is left soft is said', () => {
    const last = line.at(-1)!;
    const soft = { ...last, operations: last.operations.filter(({ kind }) => kind !== 'harden') };
    expect(said(part, [...line.slice(0, -1), soft])).toEqual([
      ['unfinished', null, 'It is to be hardened, and nothing of this does it.'],
    ]);
  });
});

describe('a throw', () => {
  const plain = { kind: 'cylinder', side: 'external', diameter: 25, length: 40 } as const;
  const part: PlanPart = {
    ...WHOLE.shaft,
    features: [
      { id: 'j', name: 'Journal', ...plain },
      { id: 'p', name: 'Pin', kind: 'eccentric', side: 'external', diameter: 20, length: 25, throw: 6 },
      { id: 'e', name: 'End', ...plain },
    ],
    stock: { shape: 'round', across: 40, length: 125 },
  };
  const line = proposed(part);
  const at = line.findIndex((h) => h.operations.some((o) => o.kind === 'eccentric'));
  const held = (by: Holding['by']): string[] =>
    said(part, line.with(at, { ...line[at]!, by }))
      .filter(([code]) => code === 'off-axis')
      .map(([, , sentence]) => sentence);
  it('is not set over in a collet, nor in a socket', () => {
    const never = ['Pin runs off the axis: held so, the piece cannot be set over for it.'];
    expect([held('collet'), held('own-taper')]).toEqual([never, never]);
    expect([held('four-jaw'), held('three-jaw')]).toEqual([[], []]);
  });
  it('is clocked from what is turned by then', () => {
    const first = [line[at]!, ...line.filter((_, i) => i !== at)];
    const { trueTo } = line[at]!;
    const name = part.features.find(({ id }) => id === trueTo!.feature)!.name;
    expect(said(part, first)).toContainEqual([
      'not-clocked',
      null,
      `${name} is to be clocked, and it is not made yet.`,
    ]);
  });
});
