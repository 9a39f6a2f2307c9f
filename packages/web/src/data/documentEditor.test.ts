import { AnelloError } from '@anello/core/basics';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref, type EffectScope } from 'vue';
import { ServerAway, StaleHere } from './api';
import { useDocumentEditor } from './useDocumentEditor';

let scope: EffectScope;
beforeEach(() => {
  scope = effectScope();
  sessionStorage.clear();
});
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

interface Bar {
  readonly schema: number;
  name: string;
  depth?: number;
}
const onRecord = (version: number, document: Partial<Bar> = {}): { version: number; document: Bar } => ({
  version,
  document: { schema: 1, name: 'Bar', depth: 60, ...document },
});
const STILL = /stands here still; it is not saved/;

describe('what is not saved', () => {
  /** A form over a document, as it begins when its page is opened. */
  function form(name: string | (() => string) = 'bar', saving: (d: Bar) => Promise<string> = async () => '') {
    const nameNow = typeof name === 'string' ? () => name : name;
    return scope.run(() => useDocumentEditor<Bar>(saving, nameNow))!;
  }
  async function typed(depth: number, version = 1): Promise<ReturnType<typeof form>> {
    const editor = form();
    editor.open(onRecord(version));
    editor.draft.value!.depth = depth;
    await nextTick();
    return editor;
  }

  it('is there when its page is opened again, and is said to be', async () => {
    const first = await typed(80);
    expect(first.unsaved.value).toBe(true);
    const again = form();
    again.open(onRecord(1));
    expect(again.draft.value).toEqual({ schema: 1, name: 'Bar', depth: 80 });
    await nextTick();
    expect(again.note.value).toMatch(STILL);
  });
  it('typed back to what is on record is nothing', async () => {
    const first = await typed(80);
    first.put(first.draft.value as unknown as Record<string, unknown>, 'depth', undefined);
    expect(first.unsaved.value).toBe(true);
    first.put(first.draft.value as unknown as Record<string, unknown>, 'depth', 60);
    await nextTick();
    expect(first.unsaved.value).toBe(false);
    const again = form();
    again.open(onRecord(1));
    expect(again.unsaved.value).toBe(false);
    expect(again.note.value).toBe('');
  });
  it('is of its own form, of a thing on record or of a new one, and of the same kind of document', async () => {
    await typed(80);
    const other = form('another');
    other.open(onRecord(1));
    expect(other.unsaved.value).toBe(false);
    const fresh = form();
    fresh.open(null, onRecord(1).document);
    expect(fresh.draft.value!.depth).toBe(60);
    const newer = form();
    newer.open({ version: 1, document: { ...onRecord(1).document, schema: 2 } });
    expect(newer.draft.value!.depth).toBe(60);
  });
  it('is thrown away, and taken back', async () => {
    const editor = await typed(80);
    const [before, note] = [editor.setAnew.value, editor.note];
    const back = editor.throwAway();
    await nextTick();
    expect(editor.draft.value!.depth).toBe(60);
    expect(editor.setAnew.value).toBe(before + 1);
    expect(note.value).toBe('');
    const once = form();
    once.open(onRecord(1));
    expect(once.unsaved.value).toBe(false);
    back();
    expect(editor.draft.value!.depth).toBe(80);
    expect(editor.setAnew.value).toBe(before + 2);
  });
  it('of something new is thrown away down to what it began with', async () => {
    const editor = form();
    editor.open(null, { schema: 1, name: '' });
    editor.draft.value!.name = 'Mine';
    await nextTick();
    const again = form();
    again.open(null, { schema: 1, name: '' });
    expect(again.draft.value!.name).toBe('Mine');
    again.throwAway();
    expect(again.draft.value).toEqual({ schema: 1, name: '' });
  });
  it('is let go once it is saved, under the name it had, and a word of that goes with the next letter', async () => {
    const name = ref('new');
    const editor = form(
      () => name.value,
      async () => {
        name.value = 'bar-7';
        await nextTick();
        return 'Saved.';
      },
    );
    editor.open(null, { schema: 1, name: '' });
    editor.draft.value!.name = 'Mine';
    await nextTick();
    expect(await editor.save()).toBe(true);
    await nextTick();
    expect(editor.unsaved.value).toBe(false);
    expect(editor.note.value).toBe('Saved.');
    expect(Object.keys(sessionStorage)).toEqual([]);
    editor.draft.value!.name = 'Mine too';
    await nextTick();
    expect(editor.note.value).toBe('');
    expect(Object.keys(sessionStorage)).toEqual(['anello.unsaved.bar-7']);
  });
  it('gives way to nobody: what another screen saved is shown only where nothing was typed', async () => {
    const editor = await typed(80);
    editor.follow(onRecord(2, { name: 'Long bar' }));
    expect(editor.draft.value).toMatchObject({ name: 'Bar', depth: 80 });
    editor.throwAway();
    editor.follow(onRecord(2, { name: 'Long bar' }));
    expect(editor.draft.value).toMatchObject({ name: 'Long bar', depth: 60 });
    editor.follow(onRecord(1, { name: 'Older' }));
    expect(editor.draft.value!.name).toBe('Long bar');
  });
  it('over an older version is joined with what was saved meanwhile', async () => {
    await typed(80);
    const sent: Bar[] = [];
    const editor = form('bar', async (document) => {
      sent.push(document);
      if (sent.length === 1) throw new StaleHere('Changed.', onRecord(2, { name: 'Long bar' }));
      return 'Saved.';
    });
    editor.open(onRecord(2, { name: 'Long bar' }));
    expect(await editor.save()).toBe(true);
    expect(sent.map(({ name, depth }) => [name, depth])).toEqual([
      ['Bar', 80],
      ['Long bar', 80],
    ]);
  });
});

describe('a change saved by itself', () => {
  interface Thing extends Bar {
    archived: boolean;
  }
  const row = (version: number, more: Partial<Thing> = {}) => ({
    version,
    document: { schema: 1, name: 'Bar', archived: false, ...more } as Thing,
  });
  function opened(saving: (document: Thing, version: number | null) => Promise<string>) {
    const editor = scope.run(() =>
      useDocumentEditor<Thing>((document, { version }) => saving(document, version)),
    )!;
    editor.open(row(3));
    return editor;
  }

  it('leaves what else was typed as it is: there, and not saved', async () => {
    const sent: unknown[] = [];
    const editor = opened(async (document, version) => {
      sent.push([version, document]);
      return 'Put away.';
    });
    editor.draft.value!.name = 'Half a na';
    expect(await editor.saveOnly({ archived: true })).toBe(true);
    expect(sent).toEqual([[3, row(3, { archived: true }).document]]);
    expect(editor.draft.value).toMatchObject({ name: 'Half a na', archived: true });
    expect(editor.note.value).toBe('Put away.');
    expect(editor.unsaved.value).toBe(true);
    editor.throwAway();
    expect(editor.draft.value).toMatchObject({ name: 'Bar', archived: true });
  });
  it('goes over what another has saved meanwhile, once', async () => {
    const sent: unknown[] = [];
    const editor = opened(async (document, version) => {
      sent.push([version, document.name, document.archived]);
      if (version === 3) throw new StaleHere('Changed.', row(5, { name: 'Long bar' }));
      return 'Put away.';
    });
    editor.draft.value!.depth = 80;
    expect(await editor.saveOnly({ archived: true })).toBe(true);
    expect(sent).toEqual([
      [3, 'Bar', true],
      [5, 'Long bar', true],
    ]);
    expect(editor.draft.value).toMatchObject({ name: 'Long bar', depth: 80, archived: true });
    const never = opened(async () => {
      throw new StaleHere('Changed.', row(9));
    });
    expect(await never.saveOnly({ archived: true })).toBe(false);
    expect(never.note.value).toMatch(/Somebody changed this meanwhile/);
    expect(never.draft.value!.archived).toBe(false);
  });
  it('that does not go changes nothing, and of something new there is none', async () => {
    const editor = opened(async () => {
      throw new ServerAway('gone');
    });
    expect(await editor.saveOnly({ archived: true })).toBe(false);
    expect([editor.draft.value!.archived, editor.note.value]).toEqual([false, expect.stringMatching(/away/)]);
    editor.open(null, row(1).document);
    expect(await editor.saveOnly({ archived: true })).toBe(false);
  });
});

describe('an answer that comes once something else is open', () => {
  const late = () => {
    let answer!: { saved(): void; failed(error: unknown): void };
    const sent: [number | null, Bar][] = [];
    const editor = scope.run(() =>
      useDocumentEditor<Bar>(
        (document, { version }) =>
          new Promise((resolve, reject) => {
            sent.push([version, document]);
            answer = { saved: () => resolve('Saved.'), failed: reject };
          }),
        () => 'bar',
      ),
    )!;
    editor.open(onRecord(1));
    editor.draft.value!.depth = 80;
    return { editor, sent, answer: () => answer };
  };
  const other = onRecord(7, { name: 'Other bar' });

  it.each(['save', 'saveOnly'] as const)(
    'to %s says nothing of that, and puts nothing under it',
    async (how) => {
      const { editor, sent, answer } = late();
      const saving = how === 'save' ? editor.save() : editor.saveOnly({ depth: 90 });
      expect(editor.busy.value).toBe(true);
      sessionStorage.clear();
      editor.open(other);
      expect(editor.busy.value).toBe(false);
      answer().saved();
      expect(await saving).toBe(true);
      expect([editor.note.value, editor.unsaved.value]).toEqual(['', false]);
      void editor.save();
      expect(sent.at(-1)).toEqual([7, other.document]);
    },
  );
  it.each([
    ['save', new ServerAway('gone')],
    ['save', new StaleHere('Changed.', onRecord(2, { depth: 70 }))],
    ['saveOnly', new StaleHere('Changed.', onRecord(2, { depth: 70 }))],
    ['save', new AnelloError('invalid-document', 'depth', 'This must be more than zero.')],
  ] as const)('%s refused, is not said of it either: %#', async (how, error) => {
    const { editor, answer } = late();
    const saving = how === 'save' ? editor.save() : editor.saveOnly({ depth: 90 });
    sessionStorage.clear();
    editor.open(other);
    answer().failed(error);
    expect(await saving).toBe(false);
    expect([editor.note.value, editor.refused.value, editor.clashes.value]).toEqual(['', null, []]);
    expect(editor.draft.value).toEqual(other.document);
  });
});

describe('a field two people changed', () => {
  it('is asked about after a reload as well', async () => {
    const saving = async (): Promise<string> => {
      throw new StaleHere('Changed.', onRecord(2, { depth: 70 }));
    };
    const editor = scope.run(() => useDocumentEditor<Bar>(saving, () => 'bar'))!;
    editor.open(onRecord(1));
    editor.draft.value!.depth = 80;
    expect(await editor.save()).toBe(false);
    await nextTick();
    expect(editor.clashes.value).toHaveLength(1);
    const again = scope.run(() => useDocumentEditor<Bar>(saving, () => 'bar'))!;
    again.open(onRecord(2, { depth: 70 }));
    expect(again.clashes.value).toEqual(editor.clashes.value);
    expect(await again.save()).toBe(false);
    again.choose(again.clashes.value[0]!, 'theirs');
    expect(again.draft.value!.depth).toBe(70);
    expect(again.unsaved.value).toBe(false);
  });
});

describe('a browser whose store is blocked', () => {
  afterEach(() => vi.unstubAllGlobals());
  it('holds nothing and breaks nothing', async () => {
    const blocked = (): never => {
      throw new DOMException('No.', 'SecurityError');
    };
    vi.stubGlobal('sessionStorage', { getItem: blocked, setItem: blocked, removeItem: blocked });
    const editor = scope.run(() =>
      useDocumentEditor<Bar>(
        async () => 'Saved.',
        () => 'bar',
      ),
    )!;
    editor.open(onRecord(1));
    editor.draft.value!.depth = 80;
    await nextTick();
    expect(editor.draft.value!.depth).toBe(80);
    expect(await editor.save()).toBe(true);
  });
});
