import { LARGEST_PHOTO, PHOTO_SIDE } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';

/** How finely it is drawn again, tried from the best on until it is small enough. */
const QUALITIES = [0.85, 0.7, 0.5, 0.3];

/** The size a picture is drawn at, so that its longer side is no longer than `side`; never made larger. */
export function fitted(width: number, height: number, side: number = PHOTO_SIDE): [number, number] {
  const by = Math.min(1, side / Math.max(width, height));
  return [Math.max(1, Math.round(width * by)), Math.max(1, Math.round(height * by))];
}

/**
 * A picture as it is kept: drawn again the right way up, no larger than is needed to see what it shows, as JPEG in base64.
 * What a camera writes beside the picture (where it was taken, and when) does not come with it. Error: unreadable, for a file
 * this browser cannot draw.
 */
export async function shrunk(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => null);
  if (!picture)
    throw new AnelloError('unreadable', 'photo', 'This browser cannot show that file as a picture.');
  const [width, height] = fitted(picture.width, picture.height);
  const canvas = Object.assign(document.createElement('canvas'), { width, height });
  canvas.getContext('2d')?.drawImage(picture, 0, 0, width, height);
  picture.close();
  for (const quality of QUALITIES) {
    const jpeg = await asJpeg(canvas, quality);
    if (jpeg.size <= LARGEST_PHOTO) return base64(jpeg);
  }
  throw new AnelloError('too-large', 'photo', 'That picture stays too large however it is drawn.');
}

const asJpeg = (canvas: HTMLCanvasElement, quality: number): Promise<Blob> =>
  new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) =>
        blob
          ? resolve(blob)
          : reject(new AnelloError('unreadable', 'photo', 'This browser could not draw that picture.')),
      'image/jpeg',
      quality,
    ),
  );

const base64 = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^data:[^,]*,/, ''));
    reader.onerror = () => reject(reader.error ?? new Error('not read'));
    reader.readAsDataURL(blob);
  });
