/**
 * A question for one member of a family: whether this is of that kind. It narrows what is asked, and nothing is of no kind.
 * Each family asks with names of its own, made here, so that nobody else writes the word.
 */
export const kindGuard =
  <K extends string>(kind: K) =>
  <T extends { readonly kind: string }>(one: T | null | undefined): one is T & { readonly kind: K } =>
    one?.kind === kind;
