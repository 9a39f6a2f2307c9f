import { defineComponent, h, ref } from 'vue';

const text = { type: String, default: '' } as const;

/** A plain box where the component library's stands: its label, what is typed, what is wrong with it. */
export const PlainBox = defineComponent({
  props: {
    label: text,
    modelValue: text,
    rows: { type: [String, Number], default: 1 },
    errorMessages: { type: [String, Array], default: '' },
  },
  emits: ['update:modelValue'],
  setup(props, { emit, expose }) {
    const box = ref<HTMLInputElement | null>(null);
    expose({ focus: () => box.value?.focus(), select: () => box.value?.select() });
    return () =>
      h('label', { class: { 'v-input--error': props.errorMessages.length > 0 } }, [
        props.label,
        h(Number(props.rows) > 1 ? 'textarea' : 'input', {
          ref: box,
          value: props.modelValue,
          onInput: (event: Event) => emit('update:modelValue', (event.target as HTMLInputElement).value),
        }),
        h('em', [props.errorMessages].flat().join(' ')),
      ]);
  },
});
