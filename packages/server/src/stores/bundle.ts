import {
  BUNDLE_FORMAT,
  BUNDLE_SCHEMA,
  type Bundle,
  type Imported,
  type MachineDocument,
} from '@anello/contract';
import type { EntityManager } from '@mikro-orm/libsql';
import { isDeepStrictEqual } from 'node:util';
import { addToShelf, listShelf, type Shelf } from './shelf';
import { KIT, MACHINES, TAPERS } from './shelves';

/** Everything the shop owns as one file. What the lathes are set to stays with the lathes. */
export async function exportShop(em: EntityManager): Promise<Bundle> {
  const of = async <D extends { name: string }>(shelf: Shelf<D>) =>
    (await listShelf(em, shelf)).map(({ id, document }) => ({ id, document }));
  return {
    format: BUNDLE_FORMAT,
    schema: BUNDLE_SCHEMA,
    machines: await of(MACHINES),
    kit: await of(KIT),
    tapers: await of(TAPERS),
  };
}

/**
 * Takes a bundle in, all of it or none. What is here already and the same is left; what is here and differs is
 * taken in beside it under a new name, so that nothing of this shop is ever overwritten.
 */
export async function importShop(em: EntityManager, bundle: Bundle): Promise<Imported> {
  const outcome = { added: [] as string[], same: [] as string[], beside: [] as string[] };
  await em.transactional(async (inside) => {
    const here = inside as EntityManager;
    await takeIn(here, MACHINES, bundle.machines as Incoming<MachineDocument>[], outcome);
    await takeIn(here, KIT, bundle.kit, outcome);
    await takeIn(here, TAPERS, bundle.tapers, outcome);
  });
  return outcome;
}

interface Incoming<D> {
  readonly id: string;
  readonly document: D;
}
type Outcome = { [K in keyof Imported]: string[] };

async function takeIn<D extends { name: string }>(
  em: EntityManager,
  shelf: Shelf<D>,
  incoming: readonly Incoming<D>[],
  outcome: Outcome,
): Promise<void> {
  const present = new Map((await listShelf(em, shelf)).map((row) => [row.id, row.document]));
  for (const { id, document } of incoming) {
    const mine = present.get(id);
    if (mine === undefined) {
      await addToShelf(em, shelf, id, document);
      present.set(id, document);
      outcome.added.push(document.name);
    } else if (isDeepStrictEqual(plain(mine), plain(document)) || alreadyBeside(present, document)) {
      outcome.same.push(document.name);
    } else {
      const name = besideName(document.name, present);
      const renamed = { ...document, name };
      const newId = freeId(id, present);
      await addToShelf(em, shelf, newId, renamed);
      present.set(newId, renamed);
      outcome.beside.push(name);
    }
  }
}

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

/** Taken in before under another name: the same file twice adds nothing twice. */
const alreadyBeside = <D extends { name: string }>(present: ReadonlyMap<string, D>, document: D): boolean =>
  [...present.values()].some(
    (other) =>
      other.name.startsWith(`${document.name} (`) &&
      isDeepStrictEqual(plain({ ...other, name: document.name }), plain(document)),
  );

const LONGEST_NAME = 60;

function besideName(name: string, present: ReadonlyMap<string, { name: string }>): string {
  const taken = new Set([...present.values()].map((d) => d.name));
  for (let n = 2; ; n++) {
    const suffix = ` (${n})`;
    const candidate = name.slice(0, LONGEST_NAME - suffix.length) + suffix;
    if (!taken.has(candidate)) return candidate;
  }
}

function freeId(id: string, present: ReadonlyMap<string, unknown>): string {
  for (let n = 2; ; n++) {
    const candidate = `${id.slice(0, 54)}-${n}`;
    if (!present.has(candidate)) return candidate;
  }
}
