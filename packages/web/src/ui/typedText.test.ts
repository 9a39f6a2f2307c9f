import { describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { PIECES, TAGS } from '../job/part/jobTexts';
import { useTypedText } from './useTypedText';

describe('text for something that is not kept as it was typed', () => {
  const box = () => {
    const kept = ref<readonly string[]>(['boring bar']);
    return { kept, text: useTypedText(() => kept.value, TAGS) };
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
    const text = useTypedText(() => kept.value, PIECES);
    text.value = '3 or so';
    kept.value = 5;
    await nextTick();
    expect(text.value).toBe('3 or so');
  });
});

describe('what is typed of a job', () => {
  it.each([
    ['1', 1],
    ['200', 200],
    [' 12 ', 12],
    ['0', null],
    ['201', null],
    ['2.5', null],
    ['', null],
    ['two', null],
  ])('%j pieces are %s', (typed, pieces) => {
    expect(PIECES.read(typed)).toBe(pieces);
  });
  it('words stand between commas, each once, up to eight of 24 letters', () => {
    expect(TAGS.read('gauge,  gauge, spare ,')).toEqual(['gauge', 'spare']);
    expect(TAGS.read('')).toEqual([]);
    const eight = [...'abcdefgh'];
    expect(TAGS.read(eight.join())).toEqual(eight);
    expect(TAGS.read([...eight, 'i'].join())).toBeNull();
    expect(TAGS.read('x'.repeat(24))).toEqual(['x'.repeat(24)]);
    expect(TAGS.read('x'.repeat(25))).toBeNull();
  });
});
