import { entry, KIT_SCHEMA, type KitDocument } from '@anello/contract';
import { usualThrowLimit } from '@anello/core/eccentric';
import { JAWS } from '@anello/core/holding';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { useScreen } from '../../data/stores/screen';
import { DISC, HUB, THROW } from '../../testkit/disc';
import { useOnScreen } from '../../testkit/onScreen';
import { useJobModel } from '../model/useJobModel';
import { useDialIn } from './useDialIn';
import { useEccentric } from './useEccentric';

const screen = useOnScreen();
const onScreen = (work: object = {}) =>
  screen.work(
    { features: [HUB, DISC], work: { e: { kind: 'eccentric', ...work } } as never, quantity: 1 },
    () => {
      const desk = useEccentric();
      return { desk, dial: useDialIn(desk, () => desk.part.value!), model: useJobModel() };
    },
  ).desk;

/** What the needle shows with a jaw up, the work's axis so far from the spindle's: from the circle itself. */
function needle(x: number, y: number, direction: number, radius = 30): number {
  const along = x * Math.cos(direction) + y * Math.sin(direction);
  const across = -x * Math.sin(direction) + y * Math.cos(direction);
  return along + Math.sqrt(radius * radius - across * across) - radius;
}
const read = (dial: ReturnType<typeof onScreen>['dial'], x: number, y: number, jaws = [1, 2, 3, 4]): void => {
  for (const jaw of jaws) dial.kept.set(String(jaw), entry(`${needle(x, y, JAWS[jaw - 1]!).toFixed(4)} mm`));
};

describe('readings that do not settle a throw', () => {
  it('two jaws beside one another only want a third', () => {
    const { dial } = onScreen();
    expect(dial.refused.value).toBe('');
    dial.kept.set('1', entry('1 mm'));
    dial.kept.set('2', entry('2 mm'));
    expect([dial.now.value, dial.refused.value]).toEqual([null, '']);
    expect([3, 4]).toContain(dial.nextJaw.value);
  });
});

describe('an eccentric on the screen', () => {
  it('is the shape in hand, with what it is made from', () => {
    const { desk } = onScreen();
    expect(desk.part.value).toMatchObject({ id: 'e', throw: THROW, diameter: 60, width: 20 });
    expect(desk.basis.value).toMatchObject({ throw: THROW, diameter: 60, width: 20 });
    expect(desk.basis.value!.hub).toBe(desk.part.value!.hub?.diameter ?? null);
    expect(desk.throws.value.map(({ id }) => id)).toEqual(['e']);
    expect(desk.ways.value).not.toBeNull();
  });

  it('may be off by what the drawing says, or the usual for the indicator', async () => {
    const { desk, model } = onScreen();
    expect(desk.limit.value).toBe(usualThrowLimit(model.lathe.value!.indicator!));
    desk.setLength('limit', entry('0.03 mm'));
    await nextTick();
    expect(desk.limit.value).toBeCloseTo(0.03, 12);
    desk.setLength('limit', undefined);
    await nextTick();
    expect(desk.limit.value).toBe(usualThrowLimit(model.lathe.value!.indicator!));
  });

  it('changed to another way can be had back by one press; chosen for the first time there is nothing to go back to', async () => {
    const { desk } = onScreen();
    desk.choose('four-jaw');
    await nextTick();
    expect(useScreen().undoable).toBeNull();
    desk.choose('fixture');
    await nextTick();
    expect(desk.choice.value.way).toBe('fixture');
    useScreen().undoable!.run();
    await nextTick();
    expect(desk.choice.value.way).toBe('four-jaw');
  });

  it('is read by the longest stroke of an indicator that is owned, of nothing else', async () => {
    const { desk } = onScreen();
    expect(desk.range.value).toBeNull();
    const owned = (id: string, type: 'indicator' | 'depth', range?: string) => {
      const document = {
        schema: KIT_SCHEMA,
        archived: false,
        note: '',
        name: id,
        kind: 'instrument',
        type,
        resolution: entry('0.01 mm'),
        uncertainty: entry('0.006 mm'),
        ...(range ? { range: entry(range) } : {}),
      } as KitDocument;
      return { id, version: 1, document };
    };
    useKit().kit = [
      owned('a', 'indicator', '10 mm'),
      owned('b', 'indicator', '25 mm'),
      owned('c', 'depth', '50 mm'),
    ];
    await nextTick();
    expect(desk.range.value).toBe(25);
    useKit().kit = [owned('a', 'indicator')];
    await nextTick();
    expect(desk.range.value).toBeNull();
  });
});

describe('a throw being dialled in', () => {
  it('asks for the jaws across from one another, one after the other', () => {
    const { dial } = onScreen();
    const asked: (number | null)[] = [];
    for (const jaw of [1, 3, 2, 4]) {
      asked.push(dial.nextJaw.value);
      read(dial, THROW, 0, [jaw]);
    }
    expect(asked).toEqual([1, 3, 2, 4]);
    expect(dial.nextJaw.value).toBeNull();
  });

  it('says what stands now and what to move, until it is right; a try is kept and the boxes are clear for the next', async () => {
    const { dial } = onScreen();
    expect(dial.now.value).toBeNull();
    read(dial, THROW - 0.2, 0.1);
    expect(dial.now.value!.throwNow).toBeCloseTo(Math.hypot(THROW - 0.2, 0.1), 3);
    expect(dial.now.value!.inside).toBe(false);
    expect(dial.now.value!.moves.length).toBeGreaterThan(0);
    await dial.keep();
    await nextTick();
    expect(dial.proved.value).toBe(false);
    expect(dial.kept.empty.value).toBe(true);
    read(dial, THROW, 0);
    await dial.keep();
    await nextTick();
    expect(dial.tries.value.map(({ body }) => body.inside)).toEqual([false, true]);
    expect(dial.proved.value).toBe(true);
    expect(screen.kept('thrown').at(-1)).toMatchObject({ eccentric: 'e', wanted: THROW, inside: true });
    useScreen().undoable!.run();
    await vi.waitFor(() => expect(dial.proved.value).toBe(false));
  });

  it('from the highest and the lowest, wherever they lie', () => {
    const { dial } = onScreen();
    dial.extremes.value = true;
    const at = 0.7;
    const [x, y] = [THROW * Math.cos(at), THROW * Math.sin(at)];
    dial.kept.set('high', entry(`${needle(x, y, at).toFixed(4)} mm`));
    dial.kept.set('highAt', entry(`${(at * 180) / Math.PI} deg`, 'angle'));
    expect(dial.now.value).toBeNull();
    dial.kept.set('low', entry(`${needle(x, y, at + Math.PI).toFixed(4)} mm`));
    dial.kept.set('lowAt', entry(`${(at * 180) / Math.PI + 180} deg`, 'angle'));
    expect(dial.now.value!.throwNow).toBeCloseTo(THROW, 3);
    expect(dial.now.value!.inside).toBe(true);
  });

  it('of another piece, or of another eccentric, does not prove this one', async () => {
    const { dial } = onScreen();
    const job = useJob();
    const thrown = {
      kind: 'thrown',
      eccentric: 'e',
      wanted: THROW,
      now: THROW,
      x: THROW,
      y: 0,
      inside: true,
    } as const;
    await job.keep({ ...thrown, eccentric: 'other' });
    await job.keep(thrown, { piece: 2 });
    await nextTick();
    expect(dial.proved.value).toBe(false);
    await job.keep(thrown);
    await nextTick();
    expect(dial.proved.value).toBe(true);
  });
});
