import type { MachineDocument, MachineRow, SettingRow } from '@anello/contract';
import { AnelloError } from '@anello/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { MachineEntity, SettingEntity } from '../db/entities';
import { addToShelf, findOnShelf, listShelf, saveOnShelf } from './shelf';
import { MACHINES } from './shelves';
import { StaleVersion } from './staleVersion';

/** Every lathe with what its devices are still set to. */
export async function listMachines(em: EntityManager): Promise<MachineRow[]> {
  const settings = await latestSettings(em);
  const rows = await listShelf(em, MACHINES);
  return rows.map((row) => ({ ...row, settings: settings.filter((s) => s.machineId === row.id) }));
}

/** One lathe. Error: not-found. */
export async function findMachine(em: EntityManager, id: string): Promise<MachineRow> {
  const row = await findOnShelf(em, MACHINES, id);
  const settings = await latestSettings(em);
  return { ...row, settings: settings.filter((s) => s.machineId === id) };
}

/** Adds a lathe; the same id again answers what is kept. */
export async function createMachine(
  em: EntityManager,
  id: string,
  document: MachineDocument,
): Promise<MachineRow> {
  await addToShelf(em, MACHINES, id, document);
  return findMachine(em, id);
}

/** Saves a lathe over the version it was read at. Errors: not-found, stale-version (with its settings as they stand). */
export async function saveMachine(
  em: EntityManager,
  id: string,
  version: number,
  document: MachineDocument,
): Promise<MachineRow> {
  try {
    await saveOnShelf(em, MACHINES, id, version, document);
  } catch (error) {
    if (error instanceof StaleVersion) throw new StaleVersion(await findMachine(em, id));
    throw error;
  }
  return findMachine(em, id);
}

/** Keeps what a device was set to, once. Error: not-found (machine). */
export async function keepSetting(em: EntityManager, setting: SettingRow): Promise<void> {
  await em.transactional(async (inside) => {
    if (await inside.findOne(SettingEntity, { id: setting.id })) return;
    if (!(await inside.findOne(MachineEntity, { id: setting.machineId }))) {
      throw new AnelloError('not-found', 'machineId', 'There is no such machine here.');
    }
    await inside.insert(SettingEntity, { ...setting });
  });
}

/** The last row for each device of each machine. */
async function latestSettings(em: EntityManager): Promise<SettingRow[]> {
  const rows = await em.find(SettingEntity, {}, { orderBy: { seq: 'asc' }, disableIdentityMap: true });
  const latest = new Map<string, SettingRow>();
  for (const { id, machineId, device, halfAngle, workLength, at, operator, jobId, jobNumber, how } of rows) {
    const row = { id, machineId, device, halfAngle, workLength, at, operator, jobId, jobNumber, how };
    latest.set(`${machineId} ${device}`, row as SettingRow);
  }
  return [...latest.values()];
}
