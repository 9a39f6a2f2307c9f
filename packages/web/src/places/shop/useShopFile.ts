import { BUNDLE_SORTS, type BundleSort, type Imported, type TakenAs } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { reactive, ref, shallowRef, type Ref } from 'vue';
import { request, ServerAway, WHOLE_SHOP } from '../../data/api';
import { fieldInWords } from '../../data/fieldNames';
import { newest } from '../../data/newest';
import { useKit } from '../../data/stores/kit';
import { useShop } from '../../data/stores/shop';

export type Differ = Imported['differ'][number];

export interface ShopFileDesk {
  /** What came of the file that was taken in last. */
  readonly said: Ref<{ readonly tone: 'good' | 'bad'; readonly text: string } | null>;
  /** A file that was compared with what is here and waits for a word; null of none. */
  readonly compared: Ref<{ readonly name: string; readonly would: Imported } | null>;
  readonly busy: Ref<boolean>;
  /** What becomes of each that differs, by sort and id. */
  readonly choices: Readonly<Record<string, TakenAs>>;
  choose(one: Differ, as: TakenAs): void;
  compare(file: File): Promise<void>;
  takeIn(): Promise<void>;
  leave(): void;
}

const list = (names: readonly string[]): string => names.join(', ');
const records = (count: number): string => `${count} ${count === 1 ? 'record' : 'records'}`;
const photos = (count: number): string => `${count} ${count === 1 ? 'photo' : 'photos'}`;
export const keyOf = ({ sort, id }: Pick<Differ, 'sort' | 'id'>): string => `${sort}:${id}`;

/** What became of everything in a file, in a few sentences. */
export function outcome({ added, same, beside, differ, kept, photos: pictures, left }: Imported): string {
  const [over, out] = (['over', 'left'] as const).map((as) =>
    differ.filter((one) => one.as === as).map(({ name }) => name),
  ) as [string[], string[]];
  const parts = [
    added.length ? `Taken in: ${list(added)}.` : '',
    beside.length ? `Beside what was here: ${list(beside)}.` : '',
    over.length ? `In the place of what was here: ${list(over)}.` : '',
    out.length ? `Left out: ${list(out)}.` : '',
    same.length ? `Already here, the same: ${same.length}.` : '',
    kept ? `${records(kept)} and settings taken in.` : '',
    pictures ? `${photos(pictures)} taken in.` : '',
    left.withoutJob ? `Left out, of jobs or pieces that are not here: ${records(left.withoutJob)}.` : '',
    left.different
      ? `Left out, as something else is kept here in their place, which stands: ${records(left.different)}.`
      : '',
    left.unwanted ? `Left out with what was left out: ${records(left.unwanted)}.` : '',
    left.photos ? `Left out, unreadable or not in the file: ${photos(left.photos)}.` : '',
  ].filter(Boolean);
  return parts.join(' ') || 'The file is empty.';
}

/** A zip begins so, whatever it is called. */
const ZIP = [0x50, 0x4b];

/** A file as it is sent; null of one that is neither a zip nor JSON. */
async function asBody(file: File): Promise<Blob | null> {
  const head = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  const zip = ZIP.every((byte, i) => head[i] === byte);
  if (zip) return new Blob([file], { type: 'application/zip' });
  try {
    JSON.parse(await file.text());
    return new Blob([file], { type: 'application/json' });
  } catch {
    return null;
  }
}

/** Takes a file of jobs, or of a whole shop, in: first compared with what is here, then as it was chosen. */
export function useShopFile(): ShopFileDesk {
  const kit = useKit();
  const shop = useShop();
  const said: ShopFileDesk['said'] = ref(null);
  const compared: ShopFileDesk['compared'] = shallowRef(null);
  const busy = ref(false);
  const choices = reactive<Record<string, TakenAs>>({});
  let body: Blob | null = null;
  const bad = (text: string): void => void (said.value = { tone: 'bad', text });

  const picking = newest();
  const asking = newest();
  /** What the server says of a file; null where that is nothing, or another file was picked meanwhile. */
  async function send(query: string, file: Blob | null): Promise<Imported | null> {
    const counts = asking();
    busy.value = true;
    try {
      const answer = await request<Imported>('POST', `/api/shop/bundle${query}`, file, WHOLE_SHOP);
      return counts() ? answer : null;
    } catch (error) {
      if (!counts()) return null;
      if (error instanceof AnelloError)
        bad(`Nothing was taken in. ${error.field ? `${error.field}: ` : ''}${error.message}`);
      else if (error instanceof ServerAway)
        bad('The server is away. Nothing was taken in; try again in a moment.');
      else throw error;
      return null;
    } finally {
      if (counts()) busy.value = false;
    }
  }

  function leave(): void {
    asking.drop();
    busy.value = false;
    compared.value = null;
    body = null;
  }

  return {
    said,
    compared,
    busy,
    choices,
    choose: (one, as) => void (choices[keyOf(one)] = as),
    leave,
    async compare(file) {
      said.value = null;
      leave();
      const counts = picking();
      const read = await asBody(file);
      if (!counts()) return;
      if (!read) return bad(`${file.name} is neither a zip nor a JSON file. Nothing was taken in.`);
      const would = await send('?trial=yes', read);
      if (!would) return;
      body = read;
      for (const key of Object.keys(choices)) delete choices[key];
      for (const one of would.differ) choices[keyOf(one)] = 'beside';
      compared.value = { name: file.name, would };
    },
    async takeIn() {
      const named = (as: TakenAs): string =>
        Object.keys(choices)
          .filter((key) => choices[key] === as)
          .join(',');
      const done = await send(`?leave=${named('left')}&over=${named('over')}`, body);
      if (!done) return;
      leave();
      await Promise.all([kit.load(), shop.load()]);
      said.value = { tone: 'good', text: outcome(done) };
    },
  };
}

const SORT_NAMES: Readonly<Record<BundleSort, string>> = {
  machines: 'Lathe',
  kit: 'Kit',
  tapers: 'Taper',
  jobs: 'Job',
};
export const sortName = (sort: BundleSort): string => SORT_NAMES[sort];

/** Where mine and theirs differ, in words. */
export const differsIn = (where: readonly string[]): string => where.map(fieldInWords).join(', ');

/** In the order they are shown. */
export const asShown = (differ: readonly Differ[]): Differ[] =>
  [...differ].sort((a, b) => BUNDLE_SORTS.indexOf(b.sort) - BUNDLE_SORTS.indexOf(a.sort));
