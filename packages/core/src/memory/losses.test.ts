import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOSS_CAUSES, lossCauseOf, minutesLost, tallyLosses, workedMinutes } from '.';

const minute = (n: number): string => new Date(Date.UTC(2026, 10, 20, 8, n)).toISOString();

describe('why a piece was lost', () => {
  it('each cause is found by the words it is picked by, alone and with more said', () => {
    for (const cause of LOSS_CAUSES) {
      expect(lossCauseOf(cause.says)).toBe(cause);
      expect(lossCauseOf(`${cause.says}: third time this month`)).toBe(cause);
    }
  });
  it.each([
    ['One cut too deep: 0.28 fed where 0.16 was left. The plug went 2.4 mm past its line.', 'past'],
    ['Lash of the compound taken up the wrong way: the plug went past its line.', 'lash'],
    ['The piece spun in the jaws at the last pass', 'slipped'],
    ['Somebody knocked the bar between pieces', 'bumped'],
    ['Seat is hollow by 0.02', 'height'],
    ['Fed a whole turn too much', 'misread'],
    ['Measured wrong', 'misread'],
    ['Sleeve rocks on the small end', 'angle'],
    ['Surface torn near the shoulder', 'chatter'],
    ['Faced 2 mm too short', 'length'],
    ['A crack opened when it was parted off', 'bar'],
  ])('%s', (words, id) => expect(lossCauseOf(words)?.id).toBe(id));
  it('says so where it does not know', () => {
    expect(lossCauseOf('Gremlins')).toBeNull();
    expect(lossCauseOf('')).toBeNull();
  });
  it('is offered for something, and each has an id and words of its own', () => {
    expect(new Set(LOSS_CAUSES.map(({ id }) => id)).size).toBe(LOSS_CAUSES.length);
    expect(new Set(LOSS_CAUSES.map(({ says }) => says)).size).toBe(LOSS_CAUSES.length);
    expect(LOSS_CAUSES.every((one) => one.of.length > 0)).toBe(true);
  });
});

describe('what a shop loses by', () => {
  const loss = fc.record({
    at: fc.integer({ min: 0, max: 1000 }).map(minute),
    verdict: fc.constantFrom('rework' as const, 'scrap' as const),
    cause: fc.oneof(fc.constantFrom(...LOSS_CAUSES.map(({ says }) => says)), fc.constant('Gremlins')),
    minutes: fc.integer({ min: 0, max: 300 }),
  });
  it('counts every loss once, the dearest first', () => {
    fc.assert(
      fc.property(fc.array(loss, { maxLength: 40 }), (losses) => {
        const said = tallyLosses(losses);
        const sum = (of: (one: (typeof said)[number]) => number): number =>
          said.reduce((all, one) => all + of(one), 0);
        expect(sum((one) => one.losses.length)).toBe(losses.length);
        expect(sum((one) => one.scrapped + one.reworked)).toBe(losses.length);
        expect(sum((one) => one.minutes)).toBe(losses.reduce((all, { minutes }) => all + minutes, 0));
        const dear = said.map(({ minutes }) => minutes);
        expect(dear).toEqual([...dear].sort((a, b) => b - a));
        for (const { losses: rows } of said)
          expect(rows.map(({ at }) => at)).toEqual(
            rows
              .map(({ at }) => at)
              .sort()
              .reverse(),
          );
      }),
    );
  });
});

describe('the minutes that were lost', () => {
  const at = (n: number, verdict: string | null = null) => ({ at: minute(n), verdict });
  it('are those before scrap, and those after rework until the next verdict', () => {
    const rows = [at(0), at(10), at(20, 'rework'), at(32), at(50, 'accepted'), at(60)];
    expect(minutesLost(rows, 2)).toBe(30);
    expect(minutesLost([at(0), at(10), at(25, 'scrap'), at(40)], 2)).toBe(25);
    expect(minutesLost([at(0, 'rework')], 0)).toBe(0);
    expect(minutesLost([], 0)).toBe(0);
  });
  it('leave out a meal, and take times in any order', () => {
    expect(workedMinutes([minute(100), minute(0), minute(30)])).toBe(30);
  });
});
