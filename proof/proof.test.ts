import { describe, expect, it } from 'vitest';
import { rowOf, tableOf } from './table';
import { WORKS } from './works';

/** Lathes nobody knows, the same ones on every run: the whole proof is npm run prove. */
const LATHES = 100;
const FIRST_SEED = 9001;
/** The trade's own way is only what it is held against: fewer of its runs tell enough. */
const BY_TRADE = 30;

describe(`the advice on ${LATHES} hidden lathes, seeds ${FIRST_SEED} on`, () => {
  it.each(WORKS.map((work) => [work.title, work] as const))(
    '%s: right first time, none past its line, and with half the trade’s trials',
    (_, work) => {
      const seeds = Array.from({ length: LATHES }, (_unused, i) => FIRST_SEED + i);
      const cards = rowOf(
        work,
        'by the cards',
        seeds.map((seed) => work.byCards(seed)),
      );
      const trade = rowOf(
        work,
        'as the trade does',
        seeds.slice(0, BY_TRADE).map((seed) => work.byTrade(seed)),
      );
      const said = `\n${tableOf([cards, trade])}`;
      expect(cards.right, said).toBeGreaterThanOrEqual(0.97);
      expect(cards.past, said).toBeLessThanOrEqual(0.01);
      expect(cards.scrap, said).toBeLessThanOrEqual(0.02);
      expect(cards.trials[0], said).toBeLessThanOrEqual(trade.trials[0] / 2);
    },
    300_000,
  );
});

describe('a run of the proof', () => {
  it.each(WORKS.map((work) => [work.title, work] as const))('%s: is the same on the same seed', (_, work) => {
    expect(work.byCards(5)).toEqual(work.byCards(5));
    expect(work.byTrade(5)).toEqual(work.byTrade(5));
  });
  it('counts shares, medians and the worst tenth', () => {
    const run = (n: number) => ({ right: n > 2, past: n === 0, scrap: n < 2, trials: n, minutes: 10 * n });
    const row = rowOf(
      WORKS[0]!,
      'x',
      Array.from({ length: 10 }, (_, n) => run(n)),
    );
    expect(row).toMatchObject({ right: 0.7, past: 0.1, scrap: 0.2, trials: [5, 9], minutes: [50, 90] });
    expect(tableOf([row])).toMatch(/70\.0 %\s+10\.0 %\s+20\.0 %\s+5\s+9\s+50\s+90/);
  });
});
