import type { MachineDocument, MachineRow, SettingRow } from '@anello/contract';
import { AnelloError } from '@anello/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { MachineEntity, SettingEntity } from '../db/entities';
import { StaleVersion } from './jobs';

/** Every lathe with what its devices are still set to. */
export async function listMachines(em: EntityManager): Promise<MachineRow[]> {
  const rows = await em.find(MachineEntity, {}, { disableIdentityMap: true });
  const settings = await latestSettings(em);
  return rows
    .map(({ id, version, document }) => ({
      id,
      version,
      document,
      settings: settings.filter((s) => s.machineId === id),
    }))
    .sort((a, b) => a.document.name.localeCompare(b.document.name));
}

/** One lathe. Error: not-found. */
export async function findMachine(em: EntityManager, id: string): Promise<MachineRow> {
  const found = (await listMachines(em)).find((machine) => machine.id === id);
  if (!found) throw new AnelloError('not-found', null, 'There is no such machine here.');
  return found;
}

/** Adds a lathe; the same id again answers what is kept. */
export async function createMachine(
  em: EntityManager,
  id: string,
  document: MachineDocument,
): Promise<MachineRow> {
  const again = await em.findOne(MachineEntity, { id }, { disableIdentityMap: true });
  if (!again) await em.insert(MachineEntity, { id, version: 1, document });
  return findMachine(em, id);
}

/** Saves a lathe over the version it was read at. Errors: not-found, stale-version. */
export async function saveMachine(
  em: EntityManager,
  id: string,
  version: number,
  document: MachineDocument,
): Promise<MachineRow> {
  const changed = await em.nativeUpdate(MachineEntity, { id, version }, { document, version: version + 1 });
  const row = await findMachine(em, id);
  if (changed === 0) throw new StaleVersion(row);
  return row;
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
