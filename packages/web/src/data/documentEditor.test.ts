import { AnelloError } from '@anello/core/basics';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import { ServerAway, StaleHere } from './api';
import { useDocumentEditor } from './useDocumentEditor';

let scope: EffectScope;
beforeEach(() => (scope = effectScope()));
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});

describe('a document being edited', () => {
  const editor = (saving: () => Promise<string>) => {
    const found = scope.run(() => useDocumentEditor<{ name: string; inner: { a?: number } }>(saving))!;
    found.draft.value = { name: 'x', inner: { a: 1 } };
    return found;
  };
  it('says it is saved, and is not sent twice at once', async () => {
    const saving = vi.fn(async () => 'Saved.');
    const { save, note, busy } = editor(saving);
    const [first, second] = [save(), save()];
    expect(busy.value).toBe(true);
    expect([await first, await second]).toEqual([true, false]);
    expect(saving).toHaveBeenCalledTimes(1);
    expect(note.value).toBe('Saved.');
  });
  it('puts a refusal at its box, by the part of the document it lies in, and forgets it when that is changed', async () => {
    const refused = editor(async () => {
      throw new AnelloError('invalid-document', 'inner.a.value', 'This must be more than zero.');
    });
    expect(await refused.save()).toBe(false);
    expect(refused.errorsUnder('inner.')).toEqual({ a: 'This must be more than zero.' });
    expect(refused.errorsUnder('other.')).toEqual({});
    refused.put(refused.draft.value!.inner as Record<string, unknown>, 'a', undefined);
    expect(refused.draft.value!.inner).toEqual({});
    expect(refused.errorsUnder('inner.')).toEqual({});
  });
  it.each([
    [new ServerAway('gone'), /server is away/],
    [new StaleHere('Changed.', null), /Somebody changed this meanwhile/],
    [new AnelloError('not-found', null, 'There is no such lathe here.'), /no such lathe/],
  ])('keeps the draft and says why: %s', async (error, words) => {
    const kept = editor(async () => {
      throw error;
    });
    await kept.save();
    expect(kept.note.value).toMatch(words);
    expect(kept.draft.value).toEqual({ name: 'x', inner: { a: 1 } });
  });
});
