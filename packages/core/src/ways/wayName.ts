import { CURVE_WAYS } from './curve/registry';
import { ECCENTRIC_WAYS } from './eccentric/registry';
import { WAYS } from './taper/registry';

/** Every way of whichever kind of shape by what it is called; an id that two kinds share is named once. */
export const NAMED_WAYS: readonly { readonly id: string; readonly title: string }[] = [
  ...new Map(
    [...CURVE_WAYS, ...ECCENTRIC_WAYS, ...WAYS].map(({ id, title }) => [id as string, { id, title }]),
  ).values(),
];

/**
 * What a way is called, of whichever kind of shape it is; null where there is none of that id.
 *
 * @example
 * wayName('four-jaw')
 * // → 'Four-jaw, dialled in'
 */
export const wayName = (id: string): string | null => NAMED_WAYS.find((way) => way.id === id)?.title ?? null;
