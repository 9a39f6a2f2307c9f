import { nothingImported } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { useMounted } from '../../testkit/mounted';
import { waitingServer, type Unanswered } from '../../testkit/waiting';
import { useShopFile, type Differ, type ShopFileDesk } from './useShopFile';

const { within } = useMounted();
const differ = (id: string): Differ => ({
  sort: 'jobs',
  id,
  name: id.toUpperCase(),
  as: 'beside',
  beside: null,
  where: [],
});
/** A file as a browser hands it over. */
const json = (name: string, text = '{}'): File => {
  const bytes = new TextEncoder().encode(text);
  const slice = (from: number, to: number) => ({ arrayBuffer: async () => bytes.slice(from, to).buffer });
  return { name, slice, text: async () => text } as unknown as File;
};
const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 10));

function desk(): { desk: ShopFileDesk; asked: Unanswered[] } {
  const asked = waitingServer();
  return { desk: within(useShopFile).found, asked };
}
/** Picks a file; the server is asked what would come of it. */
async function pick(of: ShopFileDesk, file: File): Promise<void> {
  void of.compare(file);
  await rest();
}

describe('a file of jobs, or of a whole shop', () => {
  it('is compared first, and everything that differs goes beside what is here unless it is said otherwise', async () => {
    const { desk: of, asked } = desk();
    await pick(of, json('shop.json'));
    expect([asked[0]!.url, of.busy.value]).toEqual(['/api/shop/bundle?trial=yes', true]);
    await asked[0]!.answer({ ...nothingImported(), differ: [differ('j-1'), differ('j-2'), differ('j-3')] });
    expect(of.compared.value).toMatchObject({ name: 'shop.json' });
    expect(of.choices).toEqual({ 'jobs:j-1': 'beside', 'jobs:j-2': 'beside', 'jobs:j-3': 'beside' });
    of.choose(differ('j-1'), 'left');
    of.choose(differ('j-2'), 'over');
    const taking = of.takeIn();
    expect(asked[1]!.url).toBe('/api/shop/bundle?leave=jobs:j-1&over=jobs:j-2');
    await asked[1]!.answer({ ...nothingImported(), added: ['J-9'] });
    for (const one of asked.slice(2)) await one.answer({ rows: [], machines: [] });
    await taking;
    expect(of.said.value).toEqual({ tone: 'good', text: 'Taken in: J-9.' });
    expect([of.compared.value, of.busy.value]).toEqual([null, false]);
  });
  it('picked while another is compared is the one that is shown, whichever answer comes last', async () => {
    const { desk: of, asked } = desk();
    await pick(of, json('first.json'));
    await pick(of, json('second.json'));
    await asked[1]!.answer({ ...nothingImported(), differ: [differ('j-2')] });
    await asked[0]!.answer({ ...nothingImported(), differ: [differ('j-1')] });
    expect(of.compared.value!.name).toBe('second.json');
    expect(Object.keys(of.choices)).toEqual(['jobs:j-2']);
    expect(of.busy.value).toBe(false);
  });
  it('left while it is compared does not come back', async () => {
    const { desk: of, asked } = desk();
    await pick(of, json('shop.json'));
    of.leave();
    await asked[0]!.lose();
    expect([of.compared.value, of.said.value, of.busy.value]).toEqual([null, null, false]);
  });
  it('that is neither a zip nor JSON is not sent; a zip is known by how it begins', async () => {
    const { desk: of, asked } = desk();
    await pick(of, json('notes.txt', 'not a book'));
    expect(asked).toEqual([]);
    expect(of.said.value).toMatchObject({
      tone: 'bad',
      text: expect.stringContaining('notes.txt is neither'),
    });
    await pick(of, json('shop', 'PK and more'));
    expect(asked).toHaveLength(1);
    expect(of.said.value).toBeNull();
  });
  it('is not taken in while the server is away, which is said', async () => {
    const { desk: of, asked } = desk();
    await pick(of, json('shop.json'));
    await asked[0]!.lose();
    expect(of.said.value).toMatchObject({ tone: 'bad', text: expect.stringContaining('The server is away') });
    expect([of.compared.value, of.busy.value]).toEqual([null, false]);
  });
});
