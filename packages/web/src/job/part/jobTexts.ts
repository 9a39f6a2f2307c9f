import { AnelloError } from '@anello/core/basics';
import { parseCounts } from '@anello/core/quantity';
import type { TypedAs } from '../../ui/useTypedText';

const MOST_PIECES = 200;
const MOST_TAGS = 8;
const LONGEST_TAG = 24;

/** How many of a part are wanted. */
export const PIECES: TypedAs<number> & { readonly asked: string } = {
  asked: `A whole number from 1 to ${MOST_PIECES}.`,
  write: String,
  read(text) {
    try {
      const [pieces, ...more] = parseCounts(text, { least: 1, most: MOST_PIECES, what: 'number of pieces' });
      return more.length === 0 ? (pieces ?? null) : null;
    } catch (error) {
      if (error instanceof AnelloError) return null;
      throw error;
    }
  },
};

/** Words between commas, each once. */
export const TAGS: TypedAs<readonly string[]> & { readonly asked: string } = {
  asked: `Up to ${MOST_TAGS} words of ${LONGEST_TAG} letters, with commas between.`,
  write: (tags) => tags.join(', '),
  read(text) {
    const tags = [...new Set(text.split(',').map((tag) => tag.trim()))].filter((tag) => tag !== '');
    return tags.length <= MOST_TAGS && tags.every((tag) => tag.length <= LONGEST_TAG) ? tags : null;
  },
};
