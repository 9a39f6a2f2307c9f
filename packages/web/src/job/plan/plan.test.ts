import { entry, newWork } from '@anello/contract';
import { plainText } from '@anello/core/figure';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { plain, press } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import PlanStage from './PlanStage.vue';
import { usePlan } from './usePlan';

const { work, show, kept, went } = useOnScreen();
const JOB = shankJob('attachment', { quantity: 3 });
const desk = () => work(JOB, usePlan).desk;
const kinds = (plan: ReturnType<typeof usePlan>): string[][] =>
  plan.said.value!.holdings.map((one) => one.operations.map((o) => o.operation.kind));

describe('the line of work of a job', () => {
  it('takes a usual bar and proposes the holdings, until the user says otherwise', () => {
    const plan = desk();
    expect(plan.own.value).toBe(false);
    expect(plan.stock.value).toMatchObject({ shape: 'round', across: 32 });
    expect(plan.said.value!.findings).toEqual([]);
    expect(kinds(plan).flat()).toEqual(expect.arrayContaining(['face', 'staircase', 'taper', 'part-off']));
  });

  it('keeps what the user moved, says what it endangers, and proposes it again with a way back', () => {
    const plan = desk();
    const staircase = plan.said
      .value!.holdings.flatMap((one) => one.operations)
      .find((one) => one.operation.kind === 'staircase')!.operation.id;
    plan.moveOperation(staircase, 1);
    expect(plan.own.value).toBe(true);
    expect(
      useJob()
        .document!.plan!.flatMap((h) => h.operations)
        .map((o) => o.id),
    ).toContain(staircase);
    expect(plan.said.value!.findings.map((f) => f.code)).toContain('no-staircase');
    plan.proposeAgain();
    expect(plan.own.value).toBe(false);
    expect(plan.said.value!.findings).toEqual([]);
    useScreen().undoable!.run();
    expect(plan.own.value).toBe(true);
  });

  it('moves a whole holding, and does nothing at the ends', () => {
    const plan = desk();
    const first = plan.said.value!.holdings[0]!.holding.id;
    plan.moveHolding(first, -1);
    expect(plan.own.value).toBe(false);
    plan.moveHolding(first, 1);
    expect(plan.said.value!.holdings[1]!.holding.id).toBe(first);
    expect(plan.said.value!.findings.length).toBeGreaterThan(0);
  });

  it('takes the bar as typed, keeping the rest of it, and says at its box what is wrong with it', () => {
    const plan = desk();
    plan.setStock({ across: entry('35 mm') });
    expect(useJob().document!.stock).toMatchObject({ shape: 'round', across: { value: 35 } });
    expect(useJob().document!.stock!.length.value).toBe(plan.stock.value!.length);
    plan.setStock({ across: entry('25 mm') });
    expect(plan.said.value).toBeNull();
    expect(plan.problem.value).toMatchObject({ field: 'stock.across' });
  });

  it('costs less set-ups holding by holding than each piece in turn', () => {
    const { batch, minutes, holdings } = desk().said.value!;
    expect(batch.inTurn).toEqual({ setUps: 3 * holdings.length, minutes: 3 * minutes });
    expect(batch.byHolding.setUps).toBe(holdings.length);
    expect(batch.byHolding.minutes).toBeLessThan(batch.inTurn.minutes);
  });

  it('is not there while the part is not drawn far enough, and says why', () => {
    const plan = work(
      { ...JOB, features: [{ id: 'b', name: 'Body', kind: 'cylinder', side: 'external' }] },
      usePlan,
    ).desk;
    expect(plan.said.value).toBeNull();
    expect(plan.problem.value!.message).toMatch(/Still missing|outside/);
    expect(plan.progress.value).toEqual({ done: new Set(), now: null });
    expect([plan.next.value, plan.operations.value, plan.of.value]).toEqual([null, [], null]);
  });

  it('knows how far the piece in hand has come along it', async () => {
    const plan = desk();
    const [first, second] = plan.operations.value.map(({ operation }) => operation.id);
    expect(plan.problem.value).toBeNull();
    expect(plan.progress.value).toEqual({ done: new Set(), now: first });
    await useJob().keep({ kind: 'worked', said: 'faced', alike: '', minutes: 3 }, { operation: first! });
    await nextTick();
    expect(plan.progress.value).toEqual({ done: new Set([first]), now: second });
    expect(plan.of.value!.holdings.map(({ id }) => id)).toEqual(
      plan.said.value!.holdings.map(({ holding }) => holding.id),
    );
  });
});

describe('a thin pin on a head, two of them through each holding', () => {
  const round = (id: string, name: string, diameter: string, length: string) => ({
    id,
    name,
    kind: 'cylinder' as const,
    side: 'external' as const,
    diameter: entry(diameter),
    length: entry(length),
  });
  const PINS = {
    ...JOB,
    quantity: 2,
    batch: 'by-holding' as const,
    features: [round('head', 'Head', '28 mm', '30 mm'), round('pin', 'Pin', '6 mm', '80 mm')],
    work: {},
    stock: { shape: 'round' as const, across: entry('30 mm'), length: entry('200 mm') },
  };
  it('goes on in the same jaws with the same piece, and is set up so much less often', async () => {
    const plan = work(PINS, usePlan).desk;
    const { holdings, batch } = plan.said.value!;
    expect(plain(plainText(holdings[1]!.held))).toMatch(
      /^Still in the three-jaw .*its free end on a centre$/,
    );
    expect(batch.byHolding.setUps).toBe(holdings.length - 1);
    const [face, centre] = plan.operations.value.map(({ operation }) => operation.id);
    for (const operation of [face!, centre!]) {
      await useJob().keep({ kind: 'worked', said: operation, alike: '', minutes: 3 }, { operation });
      await nextTick();
    }
    expect(plan.next.value).toMatchObject({ piece: 1, operation: { operation: { id: 'turn-head' } } });
  });
});

describe('what is dropped somewhere in the line of work', () => {
  const ids = (plan: ReturnType<typeof usePlan>): string[] =>
    plan.said.value!.holdings.map((one) => one.holding.id);
  it('a holding goes to that place, and the order is the user’s own', async () => {
    const plan = desk();
    const before = ids(plan);
    expect(before.length).toBeGreaterThan(1);
    plan.placeHolding(before[0]!, before.length - 1);
    await nextTick();
    expect(ids(plan)).toEqual([...before.slice(1), before[0]]);
    expect(plan.own.value).toBe(true);
  });
  it('let go where it was, nothing has changed and the order stays the proposed one', async () => {
    const plan = desk();
    plan.placeHolding(ids(plan)[0]!, 0);
    await nextTick();
    expect(plan.own.value).toBe(false);
  });
});

describe('where an operation is worked', () => {
  const pathOf = (plan: ReturnType<typeof usePlan>, kind: string): string =>
    plan.path(
      plan.said.value!.holdings.flatMap((one) => one.operations).find((o) => o.operation.kind === kind)!,
    );
  it('is the step its shape is at, of a shape that has steps; else a card of its own', () => {
    const plan = desk();
    expect(pathOf(plan, 'taper')).toBe('/job/j-1/set/t');
    expect(pathOf(plan, 'face')).toMatch(/^\/job\/j-1\/work\//);
  });
  it('is where its way is chosen while it has none', () => {
    const plan = work({ ...JOB, work: { t: newWork('taper') } }, usePlan).desk;
    expect(pathOf(plan, 'taper')).toBe('/job/j-1/way/t');
  });
});

describe('what is next in a batch', () => {
  const first = (plan: ReturnType<typeof usePlan>) =>
    plan.said.value!.holdings[0]!.operations.map((one) => one.operation.id);
  async function doAll(ids: readonly string[]): Promise<void> {
    for (const operation of ids) await useJob().keep({ kind: 'worked', said: operation }, { operation });
    await nextTick();
  }
  it('in turn it is the next operation of this piece', async () => {
    const plan = desk();
    await doAll(first(plan));
    expect(plan.next.value).toMatchObject({ piece: 1 });
    expect(plan.next.value!.operation!.operation.id).toBe(
      plan.said.value!.holdings[1]!.operations[0]!.operation.id,
    );
  });
  it('holding by holding it is the next piece, taken up with what it is', async () => {
    const plan = desk();
    plan.setBatch('by-holding');
    await doAll(first(plan));
    expect(plan.next.value).toMatchObject({ piece: 2 });
    await plan.goOn();
    expect(useJob().piece).toBe(2);
    expect(kept('piece')).toEqual([{ kind: 'piece', carriedFrom: 1 }]);
    expect(went.at(-1)).toBe(`/job/j-1/work/${first(plan)[0]}`);
    // All gone through the first, the piece that is in the lathe goes on with the second.
    await doAll(first(plan));
    await plan.goOn();
    await doAll(first(plan));
    expect(plan.next.value).toMatchObject({ piece: 3 });
    expect(plan.next.value!.operation!.operation.id).toBe(
      plan.said.value!.holdings[1]!.operations[0]!.operation.id,
    );
  });
  it('a piece begun before is taken up again, and says so', async () => {
    desk();
    await useJob().takeUp(2);
    await useJob().takeUp(1);
    expect(kept('piece').at(-1)).toEqual({ kind: 'piece', carriedFrom: null, again: true });
    expect(useJob().piece).toBe(1);
  });
});

describe('the plan on the screen', () => {
  it('shows each holding with its operations, and opens one to move it', async () => {
    const host = show(JOB, PlanStage);
    const rows = [...host.querySelectorAll<HTMLButtonElement>('button.row')];
    expect(plain(host.textContent)).toContain('Nothing as it stands.');
    const row = rows.find((one) => plain(one.textContent).startsWith('Rough the cone by'))!;
    row.click();
    await nextTick();
    expect(row.getAttribute('aria-expanded')).toBe('true');
    press(host, 'Later');
    await nextTick();
    expect(plain(host.textContent)).toContain('Much of the bar still stands there');
    expect(plain(host.textContent)).toContain('This is your own order.');
  });

  it('asks for no bar while there is nothing to take one for', () => {
    const host = show({ ...JOB, features: [] }, PlanStage);
    expect(host.querySelectorAll('input')).toHaveLength(0);
    expect(plain(host.textContent)).toContain('The part has no line of work yet');
  });

  it('moves by the keys as well', async () => {
    const host = show(JOB, PlanStage);
    const row = [...host.querySelectorAll<HTMLButtonElement>('button.row')].find((one) =>
      plain(one.textContent).startsWith('Rough the cone by'),
    )!;
    row.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', altKey: true, bubbles: true }));
    await nextTick();
    expect(useJob().document!.plan).toBeDefined();
  });
});
