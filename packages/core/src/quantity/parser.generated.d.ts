import type { Node } from './node';

/** Throws an error with the `offset` where it stopped. */
export declare function parse(text: string): Node;
