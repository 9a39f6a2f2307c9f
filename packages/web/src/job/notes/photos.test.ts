import { LARGEST_PHOTO } from '@anello/contract';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { useOutbox } from '../../data/stores/outbox';
import { useScreen } from '../../data/stores/screen';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import { usePhotos } from './usePhotos';

/** A browser that draws any picture again as so many bytes, or cannot. */
function drawing(
  jpeg: (quality: number) => string | null | Promise<string>,
  width = 4000,
  height = 3000,
): void {
  vi.stubGlobal('createImageBitmap', async () => {
    const picture = { width, height, close: () => undefined };
    return (await jpeg(1)) === null ? Promise.reject(new Error('no picture')) : picture;
  });
  vi.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue({
    drawImage: () => undefined,
  } as never);
  vi.spyOn(HTMLCanvasElement.prototype, 'toBlob').mockImplementation(async (take, _, quality) =>
    take(new Blob([(await jpeg(quality ?? 1)) ?? ''])),
  );
}
afterEach(() => vi.restoreAllMocks());
const screen = useOnScreen();
const FILE = new Blob(['a picture']);
const photos = () => screen.work(shankJob('attachment'), usePhotos).desk;

describe('a picture of the work', () => {
  it('goes before the row that names it, and is shown from here until it is there', async () => {
    drawing(() => 'small');
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
    drawing(() => 'small');
    await photos().take(FILE, { of: 'row-1' });
    expect(screen.kept('photo')).toMatchObject([{ of: 'row-1', text: '' }]);
  });
  it('is being taken until it is kept, one at a time', async () => {
    let made: (jpeg: string) => void = () => undefined;
    const later = new Promise<string>((resolve) => (made = resolve));
    drawing(() => later);
    const desk = photos();
    const taking = desk.take(FILE, {});
    expect(desk.busy.value).toBe(true);
    made('x');
    await taking;
    expect(desk.busy.value).toBe(false);
  });
  it('that is none is refused in words, nothing of it is kept, and the next one clears them', async () => {
    drawing(() => null);
    const desk = photos();
    await desk.take(FILE, {});
    expect([desk.refused.value, desk.busy.value]).toEqual([
      'This browser cannot show that file as a picture.',
      false,
    ]);
    expect([screen.kept('photo'), useOutbox().waiting]).toEqual([[], []]);
    drawing(() => 'x');
    await desk.take(FILE, {});
    await nextTick();
    expect(desk.refused.value).toBe('');
  });
  it('is drawn less finely until it is small enough, and refused where it never is', async () => {
    const tried: number[] = [];
    const large = 'x'.repeat(LARGEST_PHOTO + 1);
    drawing((quality) => (tried.push(quality), quality > 0.6 ? large : 'small'));
    await photos().take(FILE, {});
    expect(tried).toEqual([1, 0.85, 0.7, 0.5]);
    drawing(() => large);
    const desk = photos();
    await desk.take(FILE, {});
    expect(desk.refused.value).toContain('too large');
  });
  it('what breaks otherwise is not swallowed', async () => {
    drawing(() => 'x');
    const desk = photos();
    vi.spyOn(useOutbox(), 'add').mockRejectedValue(new TypeError('broken'));
    await expect(desk.take(FILE, {})).rejects.toThrow('broken');
    expect(desk.busy.value).toBe(false);
  });
});
