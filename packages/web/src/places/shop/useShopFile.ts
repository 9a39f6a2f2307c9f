import type { Imported } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { ref, type Ref } from 'vue';
import { request, ServerAway, WHOLE_SHOP } from '../../data/api';
import { useKit } from '../../data/stores/kit';
import { useShop } from '../../data/stores/shop';

export interface ShopFileDesk {
  /** What came of the file that was taken in last. */
  readonly said: Ref<{ readonly tone: 'good' | 'bad'; readonly text: string } | null>;
  takeIn(file: File): Promise<void>;
}

const list = (names: readonly string[]): string => names.join(', ');
const records = (count: number): string => `${count} ${count === 1 ? 'record' : 'records'}`;

/** What became of everything in a file, in a few sentences. */
export function outcome({ added, same, beside, kept, left }: Imported): string {
  const parts = [
    added.length ? `Taken in: ${list(added)}.` : '',
    beside.length ? `Beside what was here: ${list(beside)}.` : '',
    same.length ? `Already here, the same: ${same.length}.` : '',
    kept ? `${records(kept)} and settings taken in.` : '',
    left.withoutJob ? `Left out: ${records(left.withoutJob)} of jobs or pieces that are not here.` : '',
    left.different
      ? `Left out: ${records(left.different)} that say something else here; what is here stands.`
      : '',
  ].filter(Boolean);
  return parts.join(' ') || 'The file is empty.';
}

/** Takes a file of jobs, or of a whole shop, in; nothing that is here is written over. */
export function useShopFile(): ShopFileDesk {
  const kit = useKit();
  const shop = useShop();
  const said: ShopFileDesk['said'] = ref(null);
  const bad = (text: string): void => void (said.value = { tone: 'bad', text });
  return {
    said,
    async takeIn(file) {
      try {
        const bundle: unknown = JSON.parse(await file.text());
        const done = await request<Imported>('POST', '/api/shop/bundle', bundle, WHOLE_SHOP);
        await Promise.all([kit.load(), shop.load()]);
        said.value = { tone: 'good', text: outcome(done) };
      } catch (error) {
        if (error instanceof SyntaxError) bad(`${file.name} is not a JSON file. Nothing was taken in.`);
        else if (error instanceof AnelloError)
          bad(`Nothing was taken in. ${error.field ? `${error.field}: ` : ''}${error.message}`);
        else if (error instanceof ServerAway)
          bad('The server is away. Nothing was taken in; try again in a moment.');
        else throw error;
      }
    },
  };
}
