import { defineComponent, h } from 'vue';

const text = { type: String, default: '' } as const;

/** A plain box where the component library's stands: its label, what is typed, what is wrong with it. */
export const PlainBox = defineComponent({
  props: { label: text, modelValue: text, errorMessages: { type: [String, Array], default: '' } },
  emits: ['update:modelValue'],
  setup:
    (props, { emit }) =>
    () =>
      h('label', [
        props.label,
        h('input', {
          value: props.modelValue,
          onInput: (event: Event) => emit('update:modelValue', (event.target as HTMLInputElement).value),
        }),
        h('em', [props.errorMessages].flat().join(' ')),
      ]),
});
