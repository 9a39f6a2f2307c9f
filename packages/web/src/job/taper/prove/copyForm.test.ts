import { entry, KIT_SCHEMA, type KitDocument } from '@anello/contract';
import { COPY_METHODS } from '@anello/core/old-part';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useKit } from '../../../data/stores/kit';
import { useMounted } from '../../../testkit/mounted';
import { BY_HAND, useCopyForm, type CopyForm } from './useCopyForm';

const { within } = useMounted();
beforeEach(() => sessionStorage.clear());
const form = (name = 'old'): CopyForm => within(() => useCopyForm(name)).found;
const inputs = ({ method }: CopyForm) =>
  Object.fromEntries(method.value.inputs.map((input) => [input.key, input]));
/** A cone of 1:20 read at two places 60 apart. */
async function type(desk: CopyForm, figures: Readonly<Record<string, string>>): Promise<void> {
  for (const [key, typed] of Object.entries(figures)) desk.set(inputs(desk)[key]!, entry(typed));
  await nextTick();
}
const owned = (name: string, type: 'micrometer' | 'caliper' | 'indicator', plus: string) => ({
  id: name,
  version: 1,
  document: {
    schema: KIT_SCHEMA,
    archived: false,
    note: '',
    name,
    kind: 'instrument',
    type,
    resolution: entry('0.01 mm'),
    uncertainty: entry(plus),
  } as KitDocument,
});
const [FIRST] = COPY_METHODS;
const keys = FIRST!.inputs.map(({ key }) => key);
const CONE: Record<string, string> = Object.fromEntries(
  keys.map((key, i) => [key, i === 0 ? '24 mm' : i === 1 ? '21 mm' : '60 mm']),
);

describe('a taper being measured', () => {
  it('says nothing until every figure is there, then the taper with its plus or minus', async () => {
    const desk = form();
    await type(desk, { [keys[0]!]: '24 mm' });
    expect(desk.answer.value).toEqual({ found: null, error: null });
    await type(desk, CONE);
    const { taper } = desk.answer.value.found!;
    expect(taper.ratio.value).toBeCloseTo(3 / 60, 9);
    expect(taper.ratio.uncertainty).toBeGreaterThan(0);
    expect(desk.weakest.value).not.toBe('');
  });

  it('is as sure as what it was measured with: the finest owned, or another that is picked', async () => {
    const kit = useKit();
    kit.kit = [owned('Micrometer 3', 'micrometer', '0.004 mm'), owned('Caliper 1', 'caliper', '0.04 mm')];
    const desk = form();
    await type(desk, CONE);
    const [large] = desk.method.value.inputs;
    expect(desk.toolOf(large!)).toBe('Micrometer 3');
    const fine = desk.answer.value.found!.taper.ratio.uncertainty;
    for (const input of desk.method.value.inputs) desk.setTool(input, 'Caliper 1');
    await nextTick();
    expect(desk.answer.value.found!.taper.ratio.uncertainty).toBeGreaterThan(3 * fine);
    expect(desk.choices(large!).map(({ value }) => value)).toEqual(['Micrometer 3', 'Caliper 1', BY_HAND]);
  });

  it('with none on record takes the plus or minus that is typed, or a workshop one’s', async () => {
    const desk = form();
    await type(desk, CONE);
    for (const input of desk.method.value.inputs) expect(desk.toolOf(input)).toBe(BY_HAND);
    const workshop = desk.answer.value.found!.taper.ratio.uncertainty;
    for (const input of desk.method.value.inputs) desk.setPlus(input, entry('0.02 mm'));
    await nextTick();
    expect(desk.answer.value.found!.taper.ratio.uncertainty).toBeCloseTo(2 * workshop, 9);
  });

  it('says what cannot be at its box, and beside them what is of none', async () => {
    const desk = form();
    await type(desk, { ...CONE, [keys[2]!]: '0 mm' });
    const { error } = desk.answer.value;
    expect(error).not.toBeNull();
    const at = desk.method.value.inputs.map((input) => desk.at(input) ?? '');
    expect([...at, desk.elsewhere.value].filter(Boolean)).toHaveLength(1);
  });

  it('keeps each method’s figures apart, over a reload, until it is cleared', async () => {
    const desk = form();
    await type(desk, CONE);
    const other = COPY_METHODS[1]!;
    desk.id.value = other.id;
    await nextTick();
    expect(desk.method.value.id).toBe(other.id);
    expect(desk.answer.value.found).toBeNull();
    desk.id.value = FIRST!.id;
    await nextTick();
    expect(desk.answer.value.found).not.toBeNull();
    const again = form();
    expect(again.answer.value.found).not.toBeNull();
    expect(form('another').answer.value.found).toBeNull();
    again.set(again.method.value.inputs[0]!, undefined);
    await nextTick();
    expect(again.answer.value.found).toBeNull();
    again.clear();
    await nextTick();
    expect(again.method.value.inputs.every((input) => again.value(input) === undefined)).toBe(true);
  });
});
