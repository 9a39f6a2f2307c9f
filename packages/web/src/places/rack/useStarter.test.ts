import { entry, STARTERS } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useKit } from '../../data/stores/kit';
import { useMounted } from '../../testkit/mounted';
import { useStarter } from './useStarter';

const { within } = useMounted();
const opened = () => within(() => useStarter('part'));
const asking = (kind: string) => STARTERS.filter(({ asks }) => asks.some((one) => one.kind === kind));
const figureOf = (starter = asking('figure')[0]!) => starter.asks.find(({ kind }) => kind === 'figure')!.key;

describe('a drawn part to begin from', () => {
  it.each(STARTERS.map((starter) => [starter.id, starter] as const))(
    '%s begins with its usual figures and tapers, which make a part',
    (_, starter) => {
      const { choose, given, started } = opened().found;
      expect(started.value).toBeNull();
      choose(starter);
      for (const one of starter.asks) {
        if (one.kind === 'figure')
          expect(given.value.figures[one.key]).toEqual(entry(one.usual, one.dimension));
        else expect(given.value.tapers[one.key]).toBe(one.usual);
      }
      expect(started.value!.features.length).toBeGreaterThan(0);
    },
  );

  it('keeps what was typed of it while another is looked at, and over a reload', async () => {
    const [one, other] = asking('figure');
    const before = opened();
    before.found.choose(one!);
    before.found.put('figures', figureOf(one), entry('77 mm'));
    before.found.choose(other!);
    expect(before.found.given.value.figures[figureOf(other)]).not.toEqual(entry('77 mm'));
    before.found.choose(one!);
    await nextTick();
    before.leave();
    const { chosen, given, started } = opened().found;
    expect(chosen.value?.id).toBe(one!.id);
    expect(given.value.figures[figureOf(one)]).toEqual(entry('77 mm'));
    expect(JSON.stringify(started.value)).toContain('77');
  });

  it('begins anew once it is on the rack', async () => {
    const [one] = asking('figure');
    const before = opened();
    before.found.choose(one!);
    before.found.put('figures', figureOf(one), entry('77 mm'));
    before.found.done();
    await nextTick();
    before.leave();
    const { chosen, choose, given } = opened().found;
    expect(chosen.value).toBeNull();
    choose(one!);
    expect(given.value.figures[figureOf(one)]).not.toEqual(entry('77 mm'));
  });

  it('takes a taper of the tables or of the shop’s own by its key, and is drawn with it', () => {
    const [starter] = asking('table-size');
    const { key } = starter!.asks.find(({ kind }) => kind === 'table-size')!;
    useKit().tapers = [
      {
        id: 't-1',
        version: 1,
        document: {
          schema: 1,
          name: 'Mill spindle',
          use: '',
          thread: '',
          archived: false,
          ratio: entry('1:13', 'taper'),
          gaugeDiameter: entry('31 mm'),
          length: entry('60 mm'),
        },
      },
    ];
    const { choose, put, started } = opened().found;
    choose(starter!);
    const usual = JSON.stringify(started.value!.features);
    put('tapers', key, 'morse-iso/5');
    const five = JSON.stringify(started.value!.features);
    put('tapers', key, 'shop/t-1');
    expect(new Set([usual, five, JSON.stringify(started.value!.features)]).size).toBe(3);
  });

  it('has nothing to put a figure into before one is picked', () => {
    const { put, given } = opened().found;
    put('figures', 'bore', entry('77 mm'));
    expect(given.value).toEqual({ figures: {}, tapers: {} });
  });
});
