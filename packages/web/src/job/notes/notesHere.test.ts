import { describe, expect, it } from 'vitest';
import { h, provide, type Component } from 'vue';
import { routeLocationKey, type RouteLocationNormalizedLoaded } from 'vue-router';
import { useJob, type About } from '../../data/stores/job';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { useNotesHere, type NotesHere } from './useNotesHere';

const screen = useOnScreen();
/** Notes as they are asked for from a stage of the job. */
function at(stage: string | undefined, of?: string): NotesHere {
  let notes!: NotesHere;
  const Notes: Component = {
    setup() {
      notes = useNotesHere();
      return () => null;
    },
  };
  const route = { params: { stage, of } } as unknown as RouteLocationNormalizedLoaded;
  screen.show(shankJob('attachment'), {
    setup() {
      provide(routeLocationKey, route);
      return () => h(Notes);
    },
  });
  return notes;
}
const keep = (text: string, about: About = {}) => useJob().keep({ kind: 'note', text }, about);
const texts = (notes: NotesHere): unknown[] =>
  notes.here.value.map(({ body }) => 'text' in body && body.text);

describe('notes and pictures from where one is', () => {
  it('on a plain operation are of that operation', async () => {
    const notes = at('work', 'turn-1');
    expect([notes.about.value, notes.of.value]).toEqual([{ operation: 'turn-1' }, 'Of this operation']);
    await keep('of the turning', { operation: 'turn-1' });
    await keep('of the facing', { operation: 'face-1' });
    await keep('of the piece');
    expect(texts(notes)).toEqual(['of the turning']);
  });
  it('on a step of a shape are of that shape and its operation, by its name', async () => {
    const notes = at('set');
    expect(notes.about.value).toMatchObject({ feature: 't' });
    expect(notes.of.value).toBe('Of Shank');
    await keep('of the cone', notes.about.value);
    await keep('of the facing', { operation: 'face-1' });
    expect(texts(notes)).toEqual(['of the cone']);
  });
  it.each([['part'], ['record'], [undefined]])(
    'on %s are of the piece, whatever else they are of',
    async (stage) => {
      const notes = at(stage);
      expect([notes.about.value, notes.of.value]).toEqual([{}, 'Of piece 1']);
      await keep('of the facing', { operation: 'face-1' });
      await keep('of the piece');
      await keep('of another', { piece: 2 });
      expect(texts(notes)).toEqual(['of the facing', 'of the piece']);
    },
  );
  it('other rows are none, and one that was taken back is gone', async () => {
    const notes = at('part');
    await useJob().keep({ kind: 'worked', said: 'Faced', alike: 'face', minutes: 4 } as never);
    const row = await keep('a slip');
    expect(texts(notes)).toEqual(['a slip']);
    await useJob().keep({ kind: 'withdrawn', record: row.id });
    expect(texts(notes)).toEqual([]);
  });
});
