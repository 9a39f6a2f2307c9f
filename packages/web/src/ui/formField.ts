import type { EntryDimension } from '@anello/contract';

interface Base {
  readonly key: string;
  readonly label: string;
  /** Said under the box. */
  readonly hint?: string;
}

/** One box of a form over a document: what it is called there, and how it is typed. */
export type FormField =
  | (Base & { readonly kind: 'figure'; readonly dimension: EntryDimension; readonly required?: boolean })
  | (Base & { readonly kind: 'text'; readonly wide?: boolean })
  | (Base & { readonly kind: 'day' })
  | (Base & { readonly kind: 'sizes' })
  | (Base & {
      readonly kind: 'choice';
      /** It may be left unsaid. */
      readonly clearable?: boolean;
      readonly options: readonly { readonly value: string; readonly title: string }[];
    });

export const figure = (
  key: string,
  label: string,
  dimension: EntryDimension = 'length',
  more: { required?: boolean; hint?: string } = {},
): FormField => ({ kind: 'figure', key, label, dimension, ...more });

export const must = (key: string, label: string, dimension: EntryDimension = 'length'): FormField =>
  figure(key, label, dimension, { required: true });

export const choice = (
  key: string,
  label: string,
  options: Readonly<Record<string, string>>,
  more: { clearable?: boolean } = {},
): FormField => ({
  kind: 'choice',
  key,
  label,
  options: Object.entries(options).map(([value, title]) => ({ value, title })),
  ...more,
});
