import { LARGEST, LONGEST_LIST } from './check';
import { AnelloError } from './error';

/**
 * The checked edge of the core. Everything a tool outside may call goes through here once, so that no function behind it
 * has to remember: figures that are no numbers, figures no workshop has and lists nothing could use are refused at their
 * field before any work is done; whatever breaks inside leaves as the one error; no answer that is not a number leaves.
 */

/** An angle of more turns than this is a slip of units. */
const LARGEST_ANGLE = 1000;
const isAngle = (field: string): boolean => /(^|\.)([a-z]*A|a)ngle$/.test(field);
/** Documents are not nested deeper. */
const DEEPEST = 12;

const plain = (value: unknown): value is Record<string, unknown> => {
  if (typeof value !== 'object' || value === null) return false;
  const proto: unknown = Object.getPrototypeOf(value);
  return proto === Object.prototype || proto === null;
};
const below = (field: string, key: string | number): string => (field === '' ? `${key}` : `${field}.${key}`);

/** Refuses what no function could use, naming the field. Errors: not-finite, out-of-range. */
export function checkedInput(value: unknown, field: string, depth = 0): void {
  if (typeof value === 'number') return checkNumber(value, field);
  if (depth > DEEPEST || typeof value !== 'object' || value === null) return;
  if (Array.isArray(value)) {
    if (value.length > LONGEST_LIST)
      throw new AnelloError(
        'out-of-range',
        field || null,
        'That list is longer than anything here could use.',
      );
    value.forEach((one, i) => {
      // Of a hundred thousand figures none is named before one is wrong.
      if (typeof one === 'number' && Math.abs(one) <= LARGEST_ANGLE) return;
      checkedInput(one, below(field, i), depth + 1);
    });
  } else if (plain(value)) {
    for (const key of Object.keys(value)) checkedInput(value[key], below(field, key), depth + 1);
  }
}

function checkNumber(value: number, field: string): void {
  if (!Number.isFinite(value))
    throw new AnelloError('not-finite', field || null, 'A figure is missing here, or it is not a number.');
  if (Math.abs(value) > (isAngle(field) ? LARGEST_ANGLE : LARGEST))
    throw new AnelloError('out-of-range', field || null, 'No workshop has a figure as large as that.');
}

/** Whether an answer holds a figure that is none. */
export function holdsNonFinite(value: unknown, depth = 0): boolean {
  if (typeof value === 'number') return !Number.isFinite(value);
  if (depth > DEEPEST || typeof value !== 'object' || value === null) return false;
  if (value instanceof Float64Array) return value.some((v) => !Number.isFinite(v));
  if (Array.isArray(value)) return value.some((one) => holdsNonFinite(one, depth + 1));
  return plain(value) && Object.keys(value).some((key) => holdsNonFinite(value[key], depth + 1));
}

type AnyFunction = (...given: never[]) => unknown;

/** A function of the core as it is called from outside. Arguments that are functions or objects of a class go as they are. */
export function checked<F extends AnyFunction>(inner: F): F {
  const outer = (...given: never[]): unknown => {
    given.forEach((value, i) => checkedInput(value, given.length > 1 && !plain(value) ? `${i}` : ''));
    const answer = orTheOneError(() => inner(...given));
    if (holdsNonFinite(answer))
      throw new AnelloError(
        'not-finite',
        null,
        'No figure comes of these: one of them is too large or too small for the rest.',
      );
    return answer;
  };
  return outer as F;
}

function orTheOneError(work: () => unknown): unknown {
  try {
    return work();
  } catch (error) {
    if (error instanceof AnelloError) throw error;
    const refused = new AnelloError(
      'impossible',
      null,
      'These figures make nothing that can be worked out: look at each of them again.',
    );
    refused.cause = error;
    throw refused;
  }
}
