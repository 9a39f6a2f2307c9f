// @vitest-environment jsdom
import { AnelloError } from '@anello/core/basics';
import { describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useOutbox } from '../../data/stores/outbox';
import { useScreen } from '../../data/stores/screen';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { shrunk } from './shrink';
import { usePhotos } from './usePhotos';

vi.mock('./shrink', () => ({ shrunk: vi.fn() }));
const small = vi.mocked(shrunk);

const screen = useOnScreen();
const FILE = new Blob(['a picture']);
const photos = () => screen.work(shankJob('attachment'), usePhotos).desk;

describe('a picture of the work', () => {
  it('goes before the row that names it, and is shown from here until it is there', async () => {
    small.mockResolvedValue('c21hbGw=');
    const desk = photos();
    await desk.take(FILE, { about: { feature: 't' }, text: ' A nick ' });
    const [row] = screen.kept('photo');
    expect(row).toMatchObject({ text: 'A nick' });
    expect(row).not.toHaveProperty('of');
    expect(useJob().records[0]).toMatchObject({ feature: 't' });
    const [first, second] = useOutbox().waiting;
    expect(first!.body).toEqual({ id: row!.photo, jobId: 'j-1', jpeg: 'c21hbGw=' });
    expect(second!.body).toMatchObject({ body: { photo: row!.photo } });
    expect(desk.addressOf(row!.photo)).toBe('data:image/jpeg;base64,c21hbGw=');
    expect(desk.addressOf('a b')).toBe('/api/photos/a%20b');
    expect(useScreen().undoable!.text).toBe('Photo kept.');
  });
  it('of another row says which', async () => {
    small.mockResolvedValue('c21hbGw=');
    await photos().take(FILE, { of: 'row-1' });
    expect(screen.kept('photo')).toMatchObject([{ of: 'row-1', text: '' }]);
  });
  it('is being taken until it is kept, one at a time', async () => {
    let made: (jpeg: string) => void = () => undefined;
    small.mockReturnValue(new Promise((resolve) => (made = resolve)));
    const desk = photos();
    const taking = desk.take(FILE, {});
    expect(desk.busy.value).toBe(true);
    made('x');
    await taking;
    expect(desk.busy.value).toBe(false);
  });
  it('that is none is refused in words, nothing of it is kept, and the next one clears them', async () => {
    small.mockRejectedValueOnce(new AnelloError('unreadable', 'photo', 'That is no picture.'));
    const desk = photos();
    await desk.take(FILE, {});
    expect([desk.refused.value, desk.busy.value]).toEqual(['That is no picture.', false]);
    expect([screen.kept('photo'), useOutbox().waiting]).toEqual([[], []]);
    small.mockResolvedValueOnce('x');
    await desk.take(FILE, {});
    await nextTick();
    expect(desk.refused.value).toBe('');
  });
  it('what breaks otherwise is not swallowed', async () => {
    small.mockRejectedValueOnce(new TypeError('broken'));
    const desk = photos();
    await expect(desk.take(FILE, {})).rejects.toThrow('broken');
    expect(desk.busy.value).toBe(false);
  });
});
