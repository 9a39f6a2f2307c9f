import katex from 'katex';
import 'katex/dist/katex.min.css';

/** A formula set for the screen, with MathML beside it for those who listen. */
export function typeset(tex: string): string {
  return katex.renderToString(tex, { throwOnError: false, output: 'htmlAndMathml', strict: false });
}
