import { LARGEST_PHOTO } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

const BOOK = 'shop.json';
const PHOTO = /^photos\/([0-9a-f-]{36})\.jpg$/;
/** The JSON of a shop of many years; a file that says it holds more is no shop's, bytes. */
const LARGEST_JSON = 400 * 1024 * 1024;
const ENOUGH = 6;

/** A shop's JSON and its photos as one zip, piece by piece: the JSON packed, the photos as they are. */
export function* zipped(
  texts: Iterable<string>,
  photos: Iterable<{ readonly id: string; readonly jpeg: Uint8Array }>,
): Generator<Buffer> {
  const out: Buffer[] = [];
  const zip = new Zip((error, chunk) => {
    if (error) throw error;
    out.push(Buffer.from(chunk));
  });
  const json = new ZipDeflate(BOOK, { level: ENOUGH });
  zip.add(json);
  for (const text of texts) {
    json.push(strToU8(text));
    yield* out.splice(0);
  }
  json.push(new Uint8Array(0), true);
  for (const { id, jpeg } of photos) {
    const entry = new ZipPassThrough(`photos/${id}.jpg`);
    zip.add(entry);
    entry.push(jpeg, true);
    yield* out.splice(0);
  }
  zip.end();
  yield* out.splice(0);
}

/** What of a zip is a shop's: its JSON as text, and the photos by their ids. */
export interface Unzipped {
  readonly text: string;
  readonly photos: ReadonlyMap<string, Uint8Array>;
}

/**
 * Opens such a zip. Whatever else lies in it is left alone; nothing is unpacked beyond what a shop's file or a photo may be.
 * Error: invalid-document.
 */
export function unzipped(file: Uint8Array): Unzipped {
  const entries = opened(file);
  const book = entries[BOOK];
  if (!book) throw noShop();
  const photos = Object.entries(entries).flatMap(([name, bytes]) => {
    const id = PHOTO.exec(name)?.[1];
    return id ? [[id, bytes] as const] : [];
  });
  return { text: strFromU8(book), photos: new Map(photos) };
}

function opened(file: Uint8Array): Record<string, Uint8Array> {
  try {
    return unzipSync(file, {
      filter: ({ name, originalSize }) =>
        (name === BOOK && originalSize <= LARGEST_JSON) ||
        (PHOTO.test(name) && originalSize <= 2 * LARGEST_PHOTO),
    });
  } catch {
    throw noShop();
  }
}

const noShop = (): AnelloError =>
  new AnelloError('invalid-document', null, `This zip holds no ${BOOK}, or is not whole.`);
