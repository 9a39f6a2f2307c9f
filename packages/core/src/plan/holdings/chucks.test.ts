import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import type { Feature } from '../../part/kinds/registry';
import { LONG } from '../../testkit.testdata';
import { checkPlan } from '../check/checkPlan';
import { inBar } from '../parts.testdata';
import type { HoldingBy, PlanPart } from '../piece/line';
import { planPart } from '../propose/planPart';
import { hasChuck, tooSmall } from './chucks';

const BODY: Feature = { id: 'b', name: 'Body', kind: 'cylinder', side: 'external', diameter: 40, length: 60 };
const THREE = { name: 'Three-jaw', kind: 'three-jaw', capacity: 44 };
const FOUR = { name: 'Four-jaw', kind: 'four-jaw' };
const having = (...chucks: NonNullable<PlanPart['lathe']['chucks']>): PlanPart => ({
  ...inBar(BODY),
  lathe: { ...LONG, chucks },
});
const said = (part: PlanPart, by: HoldingBy, diameter: number): string[] =>
  tooSmall(part.lathe, by, diameter).map((one) => plainText(one.said).replaceAll('\u00a0', ' '));

describe('the chucks of a lathe', () => {
  it('are taken to be there while nobody wrote down which it has, but for collets', () => {
    expect(said(having(), 'four-jaw', 500)).toEqual([]);
    expect([hasChuck(LONG, 'three-jaw', 500), hasChuck(LONG, 'collet', 10)]).toEqual([true, false]);
  });
  it('take what they open to, and anything where that is not said', () => {
    const both = having(THREE, FOUR);
    expect(said(both, 'three-jaw', 44)).toEqual([]);
    expect(said(both, 'three-jaw', 44.1)).toEqual([
      'The three-jaw of the Long lathe takes 44.0 mm, and this is 44.1 mm.',
    ]);
    expect(said(both, 'four-jaw', 300)).toEqual([]);
    expect(said(both, 'collet', 10)).toEqual([]);
  });
  it('hold what a line of work holds in them, or it says so', () => {
    const { holdings } = planPart(having(THREE));
    expect(holdings.map((h) => h.by)).toEqual(['three-jaw', 'three-jaw']);
    const small = having({ ...THREE, capacity: 43 }, FOUR);
    expect(checkPlan(small, holdings).map((f) => [f.code, f.holding])).toEqual([['chuck-too-small', 'h1']]);
  });
  it('are not blamed where nothing was held yet and could be', () => {
    expect(checkPlan(having(THREE), []).map((f) => f.code)).toEqual(['not-held']);
  });
  it('of two kinds the one that opens so far is chosen', () => {
    const square = (...chucks: NonNullable<PlanPart['lathe']['chucks']>): PlanPart => {
      const part = having(...chucks);
      return { ...part, stock: { ...part.stock, shape: 'square', across: 42 } };
    };
    expect(planPart(square(THREE, FOUR)).holdings[0]?.by).toBe('four-jaw');
    expect(
      planPart(square({ ...FOUR, capacity: 40 })).findings.map((f) =>
        plainText(f.phrase).replaceAll('\u00a0', ' '),
      ),
    ).toEqual([
      'There is no holding yet: nothing is made.',
      'The four-jaw of the Long lathe takes 40.0 mm, and this is 42.0 mm.',
    ]);
  });
});
