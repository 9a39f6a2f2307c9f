/** What can be written before a figure; the inverse ones answer an angle. */
export type FunctionName = 'sin' | 'cos' | 'tan' | 'asin' | 'acos' | 'atan' | 'sqrt';

/** The syntax tree of something typed: what was written, before any unit is given its meaning. */
export type Node =
  | {
      readonly kind: 'sum';
      readonly op: '+' | '-';
      readonly tight: boolean;
      readonly left: Node;
      readonly right: Node;
    }
  | { readonly kind: 'product'; readonly op: '*' | '/'; readonly left: Node; readonly right: Node }
  | { readonly kind: 'negate'; readonly value: Node }
  | { readonly kind: 'group'; readonly value: Node }
  | { readonly kind: 'compound'; readonly parts: readonly Node[] }
  | { readonly kind: 'measure'; readonly value: Node; readonly unit: string }
  | { readonly kind: 'call'; readonly name: FunctionName; readonly value: Node }
  | { readonly kind: 'ratio'; readonly over: Node; readonly under: Node }
  | NumeralNode;

export type NumeralNode =
  | { readonly kind: 'decimal'; readonly raw: string; readonly exponent: string }
  | { readonly kind: 'fraction'; readonly over: string; readonly under: string }
  | { readonly kind: 'vulgar'; readonly whole: string; readonly over: string; readonly under: string }
  | {
      readonly kind: 'mixed';
      readonly whole: string;
      readonly over: string;
      readonly under: string;
      readonly hyphen: boolean;
      readonly text: string;
    };
