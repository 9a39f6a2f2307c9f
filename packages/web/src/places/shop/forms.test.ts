import {
  entry,
  kitDocumentSchema,
  machineDocumentSchema,
  newKit,
  newMachine,
  usualDivision,
} from '@anello/contract';
import { USUAL_SCALE_DIVISION } from '@anello/core/machine';
import { describe, expect, it } from 'vitest';
import type { FormField } from '../../ui/formField';
import { KIT_KINDS, kindSpec } from './kitFields';
import { MACHINE_GROUPS, SCALE_CHOICE } from './machineFields';

/** A figure of a box's dimension, or one of its choices: what a hand might put there. */
const filled = (field: FormField): [string, unknown] => {
  if (field.kind === 'figure')
    return [
      field.key,
      field.dimension === 'angle'
        ? entry('6 deg', 'angle')
        : field.dimension === 'taper'
          ? entry('1:30', 'taper')
          : field.dimension === 'number'
            ? entry('12', 'number')
            : entry('7 mm', field.dimension),
    ];
  if (field.kind === 'choice') return [field.key, field.options.at(-1)!.value];
  if (field.kind === 'day') return [field.key, '2026-11-20'];
  return [field.key, 'as typed'];
};

describe.each(KIT_KINDS.map((spec) => [spec.kind, spec] as const))('%s in the kit', (kind, spec) => {
  it('begins as a document the shop takes, once it has a name', () => {
    expect(kitDocumentSchema.parse({ ...newKit(kind), name: 'Mine' })).toMatchObject({ kind, name: 'Mine' });
  });
  it('has a box for nothing that its document has no place for', () => {
    const fields = spec.fields.filter(({ kind: of }) => of !== 'sizes');
    const whole = { ...newKit(kind), name: 'Mine', ...Object.fromEntries(fields.map(filled)) };
    expect(kitDocumentSchema.parse(whole)).toEqual(whole);
  });
  it('is told by its figures, in the units of the screen', () => {
    const [mm, inch] = [spec.says(newKit(kind), 'mm'), spec.says(newKit(kind), 'inch')];
    expect(mm).not.toMatch(/undefined|NaN|Infinity/);
    expect(inch).not.toMatch(/undefined|NaN|Infinity|\dmm|\d mm/);
  });
  it('is found by its kind', () => expect(kindSpec(kind)).toBe(spec));
});

describe('a lathe’s record', () => {
  const machine = newMachine('Lathe 9');
  it('begins as a document the shop takes', () => {
    expect(machineDocumentSchema.parse(machine)).toEqual(machine);
  });
  it.each(MACHINE_GROUPS.filter(({ key }) => key !== '').map((group) => [group.key, group] as const))(
    '%s has its boxes, and usual figures where a lathe may lack it',
    (key, { usual, fields }) => {
      const had = usual?.() ?? machine[key as 'dial'];
      const whole = { ...machine, [key]: { ...had, ...Object.fromEntries(fields.map(filled)) } };
      expect(machineDocumentSchema.parse(whole)).toEqual(whole);
    },
  );
  it('of the lathe itself has its own', () => {
    const { fields } = MACHINE_GROUPS.find(({ key }) => key === '')!;
    const whole = { ...machine, ...Object.fromEntries(fields.map(filled)) };
    expect(machineDocumentSchema.parse(whole)).toEqual(whole);
  });
  it('has a usual division for every scale that may be chosen', () => {
    const attachment = MACHINE_GROUPS.find(({ key }) => key === 'attachment')!.usual!();
    const units = SCALE_CHOICE.kind === 'choice' ? SCALE_CHOICE.options.map(({ value }) => value) : [];
    expect(units.sort()).toEqual(Object.keys(USUAL_SCALE_DIVISION).sort());
    for (const unit of units) {
      const scale = { unit, division: usualDivision(unit as keyof typeof USUAL_SCALE_DIVISION) };
      const whole = { ...machine, attachment: { ...attachment, scale } };
      expect(machineDocumentSchema.parse(whole)).toEqual(whole);
    }
  });
});
