import { entry } from '@anello/contract';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { createApp, defineComponent, h, nextTick, onUpdated, reactive, type App } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import { freshStores } from '../testkit/freshStores';
import DocumentForm from './DocumentForm.vue';
import { choice, figure, type FormField } from './formField';

const FIELDS: readonly FormField[] = [
  figure('diameter', 'Diameter'),
  figure('length', 'Length'),
  figure('taper', 'Taper', 'taper'),
  { kind: 'text', key: 'name', label: 'Name' },
  choice('side', 'Side', { external: 'Outside', internal: 'Inside' }),
];

let app: App | null = null;
beforeEach(() => {
  freshStores();
  localStorage.clear();
  sessionStorage.clear();
  usePreferences().units = 'mm';
});
afterEach(() => {
  app?.unmount();
  document.body.innerHTML = '';
});

/** A form over a document that is a new one at every change, as a job’s is; which boxes were drawn anew. */
function form(errors: () => Record<string, string> = () => ({})) {
  const drawn: string[] = [];
  const box = defineComponent({
    props: ['label', 'modelValue', 'errorMessages', 'messages', 'items'],
    emits: ['update:modelValue'],
    setup(props, { emit }) {
      onUpdated(() => drawn.push(props.label));
      return () =>
        h('label', [
          props.label,
          h('input', {
            value: props.modelValue,
            onInput: (event: Event) => emit('update:modelValue', (event.target as HTMLInputElement).value),
          }),
          h('p', [props.errorMessages].flat().join(' ')),
        ]);
    },
  });
  const state = reactive({
    object: {
      diameter: entry('30 mm'),
      length: entry('86 mm'),
      taper: entry('1:20', 'taper'),
      name: 'Shank',
      side: 'external',
    } as Record<string, unknown>,
    errors: errors(),
  });
  const host = document.createElement('div');
  document.body.append(host);
  app = createApp({
    render: () =>
      h(DocumentForm, {
        object: state.object,
        fields: FIELDS,
        draftKey: 'test',
        errors: state.errors,
        onChange: (key: string, value: unknown) => {
          state.object = JSON.parse(JSON.stringify({ ...state.object, [key]: value }));
        },
      }),
  });
  for (const name of ['VTextField', 'VSelect', 'VTextarea']) app.component(name, box);
  app.mount(host);
  const find = (name: string) =>
    [...host.querySelectorAll('label')].find((l) => l.textContent?.startsWith(name))!;
  return {
    drawn,
    state,
    said: (name: string) => find(name).querySelector('p')!.textContent,
    async type(name: string, text: string) {
      const input = find(name).querySelector('input')!;
      input.value = text;
      input.dispatchEvent(new Event('input'));
      await nextTick();
    },
  };
}

describe('boxes over a document', () => {
  it('a figure typed in one draws no other anew', async () => {
    const { type, drawn, state } = form();
    await type('Length', '87 mm');
    expect(state.object['length']).toEqual(entry('87 mm'));
    expect(drawn).toEqual(['Length']);
    drawn.splice(0);
    await type('Name', 'Stub');
    expect(drawn).toEqual(['Name']);
  });
  it('what is said of one is drawn at it, and goes again, the others staying as they are', async () => {
    const { state, drawn, said } = form();
    state.errors = { taper: 'Steeper than it is long.' };
    await nextTick();
    expect([said('Taper'), drawn]).toEqual(['Steeper than it is long.', ['Taper']]);
    drawn.splice(0);
    state.errors = {};
    await nextTick();
    expect([said('Taper'), drawn]).toEqual(['', ['Taper']]);
  });
});
