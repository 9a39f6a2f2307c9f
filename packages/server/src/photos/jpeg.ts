import { LARGEST_SIDE } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';

/** A picture with nothing in it but what is seen. */
export interface Jpeg {
  readonly bytes: Uint8Array;
  readonly width: number;
  readonly height: number;
}

const SOI = 0xd8;
const EOI = 0xd9;
const SOS = 0xda;
const COMMENT = 0xfe;
/** Frame headers: baseline, extended and progressive, as browsers write and read them. */
const FRAMES = [0xc0, 0xc1, 0xc2];
/** Segments that are needed to draw it: tables, restart interval, and the two markers that say how colours are meant. */
const NEEDED = new Set([0xc4, SOS, 0xdb, 0xdd, 0xe0, 0xee, ...FRAMES]);

/**
 * Reads a JPEG segment by segment (ITU-T T.81, annex B) and gives it back without what cameras write beside the picture:
 * where and when it was taken, by what, a smaller picture, comments. Errors: invalid-document for whatever is not a whole
 * JPEG, or has more pixels to a side than a photo here has.
 *
 * @example
 * cleanJpeg(bytes).width
 */
export function cleanJpeg(given: Uint8Array): Jpeg {
  if (given[0] !== 0xff || given[1] !== SOI) throw noJpeg();
  const kept: Uint8Array[] = [given.subarray(0, 2)];
  let size: { width: number; height: number } | null = null;
  let drawn = false;
  for (let at = 2; ;) {
    // What some programs hang on after the end is left off.
    if (given[at] === 0xff && given[at + 1] === EOI) {
      if (!size || !drawn) throw noJpeg();
      return { bytes: Buffer.concat([...kept, given.subarray(at, at + 2)]), ...size };
    }
    const { marker, from, to } = segmentAt(given, at);
    if (FRAMES.includes(marker)) size = sizeIn(given.subarray(from, to));
    const next = marker === SOS ? endOfScan(given, to) : to;
    drawn ||= marker === SOS;
    if (NEEDED.has(marker)) kept.push(given.subarray(at, next));
    else if (marker !== COMMENT && (marker < 0xe0 || marker > 0xef)) throw noJpeg();
    at = next;
  }
}

/** A marker with its length; between segments there may be filling. */
function segmentAt(given: Uint8Array, at: number): { marker: number; from: number; to: number } {
  const [fill, marker, high, low] = given.subarray(at, at + 4);
  const length = ((high ?? 0) << 8) | (low ?? 0);
  const to = at + 2 + length;
  if (fill !== 0xff || marker === undefined || length < 2 || to > given.length) throw noJpeg();
  return { marker, from: at + 4, to };
}

function sizeIn(frame: Uint8Array): { width: number; height: number } {
  const [, h1 = 0, h0 = 0, w1 = 0, w0 = 0] = frame;
  const [height, width] = [(h1 << 8) | h0, (w1 << 8) | w0];
  if (width < 1 || height < 1 || width > LARGEST_SIDE || height > LARGEST_SIDE)
    throw new AnelloError(
      'invalid-document',
      'jpeg',
      `A photo here has at most ${LARGEST_SIDE} pixels to a side.`,
    );
  return { width, height };
}

/** Within what is drawn every FF is followed by nought or is a restart; anything else begins the next segment. */
function endOfScan(given: Uint8Array, from: number): number {
  for (let i = from; i + 1 < given.length; i++) {
    const after = given[i + 1] as number;
    if (given[i] === 0xff && after !== 0 && (after < 0xd0 || after > 0xd7)) return i;
  }
  throw noJpeg();
}

const noJpeg = (): AnelloError =>
  new AnelloError(
    'invalid-document',
    'jpeg',
    'That is not a photo that can be kept: a whole JPEG is asked for.',
  );
