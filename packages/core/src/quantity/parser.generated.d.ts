import type { Node } from './node';

export declare function parse(text: string): Node;
export declare class SyntaxError extends Error {
  readonly location: { readonly start: { readonly offset: number } };
}
