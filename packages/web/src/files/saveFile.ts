import { BUNDLE_FORMAT, BUNDLE_SCHEMA, type Bundle } from '@anello/contract';
import { plain } from '../data/db';

/** Hands a file to the browser to save. */
export function saveFile(name: string, type: string, content: BlobPart): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A name that any file system takes. */
export const fileName = (title: string, ending: string): string =>
  `${
    title
      .normalize('NFKD')
      .replace(/[^\w.-]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .toLowerCase()
      .slice(0, 60) || 'anello'
  }.${ending}`;

/** Lathes, kit or tapers as a shop bundle. */
export function saveBundle(title: string, parts: Partial<Pick<Bundle, 'machines' | 'kit' | 'tapers'>>): void {
  const bundle: Bundle = {
    format: BUNDLE_FORMAT,
    schema: BUNDLE_SCHEMA,
    machines: [],
    kit: [],
    tapers: [],
    jobs: [],
    records: [],
    settings: [],
    people: [],
    searches: [],
    photos: [],
    ...plain(parts),
  };
  saveFile(fileName(title, 'anello.json'), 'application/json', `${JSON.stringify(bundle, null, 2)}\n`);
}
