import { entry, sizes, type Entry, type Sizes } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createApp, h, nextTick, type App, type Component, type SetupContext } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import { hearPresses } from './afterPress';
import QuantityField from './QuantityField.vue';
import SizesField from './SizesField.vue';
import { freshStores } from '../testkit/freshStores';

let app: App | null = null;
beforeEach(() => {
  freshStores();
  sessionStorage.clear();
  localStorage.clear();
  usePreferences().units = 'mm';
});
afterEach(() => {
  app?.unmount();
  document.body.innerHTML = '';
});

/** A plain box where the component library's stands, its messages beside it. */
const box = (
  props: { modelValue?: string; errorMessages?: string | string[]; messages?: string | string[] },
  { emit }: Pick<SetupContext<['update:modelValue']>, 'emit'>,
) =>
  h('label', [
    h('input', {
      value: props.modelValue,
      onInput: (e: Event) => emit('update:modelValue', (e.target as HTMLInputElement).value),
    }),
    h('p', { class: 'error' }, [props.errorMessages].flat().join(' ')),
    h('p', { class: 'reads' }, [props.messages].flat().join(' ')),
  ]);
box.props = ['modelValue', 'errorMessages', 'messages'];
box.emits = ['update:modelValue'];

function mount<T>(component: Component, props: Record<string, unknown>, seen: (T | undefined)[]) {
  const host = document.createElement('div');
  document.body.append(host);
  app = createApp(component, { ...props, 'onUpdate:modelValue': (value: T | undefined) => seen.push(value) });
  app.component('VTextField', box);
  app.component('VTextarea', box);
  app.mount(host);
  const words = (name: string): string =>
    (host.querySelector(`.${name}`)?.textContent ?? '').replaceAll('\u00a0', ' ');
  return {
    words,
    async type(text: string): Promise<void> {
      const input = host.querySelector('input')!;
      input.value = text;
      input.dispatchEvent(new Event('input'));
      await nextTick();
    },
  };
}

describe('a figure’s box', () => {
  it.each([
    ['length', '1-5/16 in', 'reads 33.338 mm'],
    ['angle', `1°25'50"`, 'reads 1°25′50″, 1.43056°, ratio 0.04995'],
    ['angle', '8d', 'reads 8°00′00″, ratio 0.28108'],
    ['taper', '7/24', 'reads 1:3.429, half angle 8°17′50″, 3.50000 in/ft'],
    ['taper', '1:20', 'reads half angle 1°25′56″, 0.60000 in/ft'],
    ['number', '2.5', ''],
  ])('reads back a %s typed %s', async (dimension, text, reads) => {
    const seen: (Entry | undefined)[] = [];
    const field = mount<Entry>(
      QuantityField,
      { label: 'x', dimension, draftKey: 'x', modelValue: undefined },
      seen,
    );
    await field.type(text);
    expect(field.words('reads')).toBe(reads);
    expect(seen.at(-1)?.value).toBeGreaterThan(0);
  });
  it('says what it cannot read, tells nobody, and still has it after a reload', async () => {
    const seen: (Entry | undefined)[] = [];
    const props = { label: 'x', dimension: 'length', draftKey: 'slip', modelValue: entry('5 mm') };
    const field = mount<Entry>(QuantityField, props, seen);
    await field.type('5 bananas');
    expect(field.words('error')).toMatch(/bananas/);
    expect(seen).toEqual([]);
    app?.unmount();
    mount<Entry>(QuantityField, props, seen);
    expect(document.querySelector('input')?.value).toBe('5 bananas');
  });
  it('left by a press stays as tall as it is until the press is over, then it says its unit', async () => {
    hearPresses(window);
    const field = mount<Entry>(
      QuantityField,
      { label: 'x', dimension: 'length', draftKey: 'left', modelValue: undefined },
      [],
    );
    await field.type('5');
    const leave = async (): Promise<void> => {
      document.querySelector('label')!.dispatchEvent(new Event('blur'));
      await nextTick();
    };
    document.body.dispatchEvent(new Event('mousedown', { bubbles: true }));
    await leave();
    expect([document.querySelector('input')!.value, field.words('reads')]).toEqual(['5', 'reads 5.000 mm']);
    document.body.dispatchEvent(new Event('mouseup', { bubbles: true }));
    await vi.waitFor(() => expect(document.querySelector('input')!.value).toBe('5 mm'));
    expect(field.words('reads')).toBe('');
    await field.type('6');
    await leave();
    expect(document.querySelector('input')!.value).toBe('6 mm');
  });
  it('emptied, it is no figure at all, unless one is needed', async () => {
    const seen: (Entry | undefined)[] = [];
    const field = mount<Entry>(
      QuantityField,
      { label: 'x', dimension: 'length', draftKey: 'e', modelValue: entry('5 mm') },
      seen,
    );
    await field.type('');
    expect(seen).toEqual([undefined]);
    app?.unmount();
    const must = mount<Entry>(
      QuantityField,
      { label: 'x', dimension: 'length', draftKey: 'm', modelValue: entry('5 mm'), required: true },
      seen,
    );
    await must.type('');
    expect(must.words('error').length).toBeGreaterThan(5);
    expect(seen).toHaveLength(1);
  });
  it('asks for what an empty box still wants, and holds it against nobody who has not typed there', async () => {
    const given = {
      label: 'Diameter',
      dimension: 'length',
      draftKey: 'k',
      error: 'Still missing: the diameter.',
      asking: true,
    };
    const field = mount(QuantityField, { ...given, modelValue: undefined }, []);
    expect(field.words('error')).toBe('');
    expect(field.words('reads')).toBe('Still missing: the diameter.');
    await field.type('12 mm');
    await field.type('');
    expect(field.words('error')).toBe('Still missing: the diameter.');
    expect(field.words('reads')).toBe('');
  });
  it('says at once what was refused of an empty box, and what is wrong with a figure that stands there', () => {
    const given = {
      label: 'Diameter',
      dimension: 'length',
      draftKey: 'k2',
      error: 'Too thin.',
      asking: true,
    };
    expect(mount(QuantityField, { ...given, modelValue: entry('12 mm') }, []).words('error')).toBe(
      'Too thin.',
    );
  });
});

describe('a set’s box', () => {
  it('reads back how many and from what to what, keeps what is wrong', async () => {
    const seen: (Sizes | undefined)[] = [];
    const field = mount<Sizes>(
      SizesField,
      { label: 'Sizes', draftKey: 's', modelValue: sizes('1; 2') },
      seen,
    );
    expect(field.words('reads')).toBe('reads 2 pieces, 1.0000 mm to 2.0000 mm');
    await field.type('1 to 3 by 1; 1/4 in');
    expect(seen.at(-1)?.values).toEqual([1, 2, 3, 6.35]);
    await field.type('3 to 1 by 1');
    expect(field.words('error')).toContain('runs backwards');
    expect(seen).toHaveLength(1);
    await field.type('');
    expect(field.words('error')).toContain('at least one');
  });
});
