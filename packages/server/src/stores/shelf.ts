import { AnelloError } from '@anello/core';
import type { EntityManager } from '@mikro-orm/libsql';
import type { KitEntity, MachineEntity, TaperEntity } from '../db/entities';
import { StaleVersion } from './staleVersion';

/** A shelf of versioned documents: lathes, kit, tapers. Nothing on it is ever deleted; it is archived. */
export interface Shelf<D> {
  readonly entity: typeof MachineEntity | typeof KitEntity | typeof TaperEntity;
  /** In a sentence: "There is no such … here." */
  readonly noun: string;
  migrate(raw: unknown): D;
}

export interface ShelfRow<D> {
  readonly id: string;
  readonly version: number;
  readonly document: D;
}

/** Everything on a shelf, archived things included, by name. */
export async function listShelf<D extends { name: string }>(
  em: EntityManager,
  shelf: Shelf<D>,
): Promise<ShelfRow<D>[]> {
  const rows = await em.find(shelf.entity as typeof KitEntity, {}, { disableIdentityMap: true });
  return rows
    .map(({ id, version, document }) => ({ id, version, document: shelf.migrate(document) }))
    .sort((a, b) => a.document.name.localeCompare(b.document.name));
}

/** One thing of a shelf. Error: not-found. */
export async function findOnShelf<D>(em: EntityManager, shelf: Shelf<D>, id: string): Promise<ShelfRow<D>> {
  const row = await em.findOne(shelf.entity as typeof KitEntity, { id }, { disableIdentityMap: true });
  if (!row) throw new AnelloError('not-found', null, `There is no such ${shelf.noun} here.`);
  return { id: row.id, version: row.version, document: shelf.migrate(row.document) };
}

/** Puts a thing on a shelf; the same id again is the same request sent twice, and answers what is kept. */
export async function addToShelf<D>(
  em: EntityManager,
  shelf: Shelf<D>,
  id: string,
  document: D,
): Promise<ShelfRow<D>> {
  const again = await em.findOne(shelf.entity as typeof KitEntity, { id }, { disableIdentityMap: true });
  if (!again)
    await em.insert(shelf.entity as typeof KitEntity, { id, version: 1, document: document as never });
  return findOnShelf(em, shelf, id);
}

/** Saves a thing over the version it was read at. Errors: not-found, stale-version (with the current one). */
export async function saveOnShelf<D>(
  em: EntityManager,
  shelf: Shelf<D>,
  id: string,
  version: number,
  document: D,
): Promise<ShelfRow<D>> {
  const changed = await em.nativeUpdate(
    shelf.entity as typeof KitEntity,
    { id, version },
    { document: document as never, version: version + 1 },
  );
  const row = await findOnShelf(em, shelf, id);
  if (changed === 0) throw new StaleVersion(row);
  return row;
}
