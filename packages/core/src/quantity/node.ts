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
  | { readonly kind: 'measure'; readonly value: Node; readonly unit: string; readonly at: number }
  | { readonly kind: 'ratio'; readonly over: Node; readonly under: Node }
  | NumeralNode;

export type NumeralNode =
  | { readonly kind: 'decimal'; readonly raw: string; readonly exponent: string; readonly at: number }
  | { readonly kind: 'fraction'; readonly over: string; readonly under: string }
  | { readonly kind: 'vulgar'; readonly whole: string; readonly sign: string }
  | {
      readonly kind: 'mixed';
      readonly whole: string;
      readonly over: string;
      readonly under: string;
      readonly hyphen: boolean;
      readonly text: string;
    };
