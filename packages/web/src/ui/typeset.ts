import temml from 'temml';
import 'temml/dist/Temml-Local.css';

/** A formula as MathML, which the browser sets and reads out by itself. */
export function typeset(tex: string): string {
  return temml.renderToString(tex, { throwOnError: false, strict: false, wrap: 'tex' });
}
