import temml from 'temml';
import 'temml/dist/Temml-Local.css';

/** Where a formula may go on in the next line: after its equals sign. */
const AFTER_SIGN = /(?<= (?:=|\\le)) /;

/**
 * A formula as MathML, which the browser sets and reads out by itself. Since browsers do not break a line inside of one, it is one
 * for each side of its equals sign, and a narrow place has them under each other.
 */
export const typeset = (tex: string): string =>
  tex
    .split(AFTER_SIGN)
    .map((side) => temml.renderToString(side, { throwOnError: false, strict: false }))
    .join('<wbr>');
