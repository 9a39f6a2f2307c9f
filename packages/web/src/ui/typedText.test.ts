import { describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useTypedText, type TypedAs } from './useTypedText';

const WORDS: TypedAs<readonly string[]> = {
  write: (words) => words.join(', '),
  read: (text) =>
    text
      .split(',')
      .map((word) => word.trim())
      .filter(Boolean),
};
const WHOLE: TypedAs<number> = {
  write: String,
  read: (text) => (Number.isInteger(Number(text)) ? Number(text) : null),
};

describe('text for something that is not kept as it was typed', () => {
  const box = () => {
    const kept = ref<readonly string[]>(['boring bar']);
    return { kept, text: useTypedText('words', () => kept.value, WORDS) };
  };
  it('follows what another screen has changed', async () => {
    const { kept, text } = box();
    expect(text.value).toBe('boring bar');
    kept.value = ['boring head', 'spare'];
    await nextTick();
    expect(text.value).toBe('boring head, spare');
  });
  it('stays as it was typed where it comes to the same', async () => {
    const { kept, text } = box();
    text.value = ' boring bar ,spare,';
    kept.value = ['boring bar', 'spare'];
    await nextTick();
    expect(text.value).toBe(' boring bar ,spare,');
  });
  it('is left alone where it cannot be read yet', async () => {
    const kept = ref(3);
    const text = useTypedText('whole', () => kept.value, WHOLE);
    text.value = '3 or so';
    kept.value = 5;
    await nextTick();
    expect(text.value).toBe('3 or so');
  });
  it('that cannot be read stands in its box after a reload, and no longer than it is there', async () => {
    const opened = () => useTypedText('pieces', () => 3, WHOLE);
    const text = opened();
    text.value = '3 or so';
    await nextTick();
    expect(opened().value).toBe('3 or so');
    expect(useTypedText('another', () => 3, WHOLE).value).toBe('3');
    text.value = '4';
    await nextTick();
    expect(opened().value).toBe('3');
  });
});
