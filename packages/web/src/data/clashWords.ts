import { fieldInWords } from './fieldNames';
import { isPlain, type Item, type Path } from './merge';

/** The field in words: "part, seat, large diameter"; parts of a list go by their names. */
export function fieldName(path: Path, document: unknown): string {
  const words: string[] = [];
  let at = document;
  for (const key of path) {
    at = Array.isArray(at) ? at.find((one: Item) => one.id === key) : isPlain(at) ? at[key] : undefined;
    const name =
      isPlain(at) && typeof at['name'] === 'string' && 'id' in at ? at['name'] : named(document, key);
    words.push(fieldInWords(name));
  }
  return words.join(', ');
}

/** A text, or plain words or numbers one after the other; null of anything else. */
function wordsOf(value: unknown): string | null {
  if (typeof value === 'string') return value;
  return Array.isArray(value) && !value.some((one) => typeof one === 'object') ? value.join(', ') : null;
}

/** What is kept by a feature's id goes by the feature's name. */
function named(document: unknown, key: string): string {
  const features = isPlain(document) ? document['features'] : undefined;
  const feature = Array.isArray(features) ? features.find((one: Item) => one.id === key) : undefined;
  return isPlain(feature) && typeof feature['name'] === 'string' ? feature['name'] : key;
}

/** What stands there, short enough for a button; what goes by an id by its name. */
export function shown(value: unknown, nameOf: (id: string) => string | undefined = () => undefined): string {
  if (value === undefined || value === null || wordsOf(value) === '') return 'nothing';
  if (isPlain(value) && typeof value['typed'] === 'string') return value['typed'];
  if (isPlain(value) && typeof value['name'] === 'string') return value['name'];
  const words = wordsOf(value) ?? JSON.stringify(value);
  const text = nameOf(words) ?? words;
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}
