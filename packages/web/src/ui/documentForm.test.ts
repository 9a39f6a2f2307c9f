import { entry } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick, onUpdated, reactive } from 'vue';
import { fill, useMounted } from '../testkit/mounted';
import { PlainBox } from '../testkit/plainBox';
import DocumentForm from './DocumentForm.vue';
import { choice, figure, type FormField } from './formField';

const { mount } = useMounted();
const FIELDS: readonly FormField[] = [
  figure('diameter', 'Diameter'),
  figure('length', 'Length'),
  figure('taper', 'Taper', 'taper'),
  { kind: 'text', key: 'name', label: 'Name' },
  choice('side', 'Side', { external: 'Outside', internal: 'Inside' }),
];

/** A form over a document that is a new one at every change, as a job’s is; which boxes were drawn anew. */
function form() {
  const drawn: string[] = [];
  const Box = defineComponent({
    props: ['label', 'modelValue', 'errorMessages', 'messages', 'items'],
    emits: ['update:modelValue'],
    setup(props, { emit }) {
      onUpdated(() => drawn.push(props.label));
      return () =>
        h(PlainBox, {
          label: props.label,
          modelValue: props.modelValue,
          errorMessages: props.errorMessages,
          'onUpdate:modelValue': (text: string) => emit('update:modelValue', text),
        });
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
    errors: {} as Record<string, string>,
  });
  const Form = () =>
    h(DocumentForm, {
      ...state,
      fields: FIELDS,
      draftKey: 'test',
      onChange: (key: string, value: unknown) => {
        state.object = JSON.parse(JSON.stringify({ ...state.object, [key]: value }));
      },
    });
  const host = mount(Form, {}, [], { VTextField: Box, VSelect: Box });
  return {
    drawn,
    state,
    said: (name: string) =>
      [...host.querySelectorAll('label')]
        .find((one) => one.textContent.startsWith(name))!
        .querySelector('em')!.textContent,
    async type(name: string, text: string) {
      fill(host, name, text);
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
