import {
  coreLathe,
  migrateMachineDocument,
  type Aside,
  type MachineDocument,
  type MachineRow,
  type SettingRow,
} from '@anello/contract';
import type { Device, Lathe, StillSet } from '@anello/core/machine';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { request, ServerAway } from '../api';
import { isPractice, shopsOwn } from '../practice/names';
import { bench, remember } from '../db';
import { inOrder } from '../inOrder';
import { newId } from '../newId';
import { stamp } from '../stamp';
import { useOutbox } from './outbox';

/** What is said of a device; when, and by whom, is now and whoever is at the lathe unless it says so. */
export type Setting = Omit<SettingRow, 'id' | 'at' | 'operator'> &
  Partial<Pick<SettingRow, 'at' | 'operator'>>;

interface Machines {
  readonly machines: MachineRow[];
  readonly aside?: Aside[];
}

/** The lathes and what they are still set to; from the browser's store when the server is away. */
export const useShop = defineStore('shop', () => {
  const outbox = useOutbox();
  const machines = ref<MachineRow[]>([]);
  /** Lathes that are kept and cannot be read. */
  const aside = ref<Aside[]>([]);
  const loaded = ref(false);

  const asking = inOrder();
  async function load(): Promise<void> {
    const comesInOrder = asking();
    try {
      const answer = await request<Machines>('GET', '/api/machines');
      if (!comesInOrder()) return;
      machines.value = answer.machines;
      aside.value = answer.aside ?? [];
      applyWaiting();
      await remember('machines', machines.value);
      outbox.reached();
    } catch (error) {
      if (!(error instanceof ServerAway)) throw error;
      outbox.noticeAway(error);
      if (machines.value.length === 0) machines.value = await recall();
      applyWaiting();
    }
    loaded.value = true;
  }

  /** As last seen; what an older Anello left here is brought to the present form. */
  async function recall(): Promise<MachineRow[]> {
    const held = (await (await bench()).getAll('machines')) as MachineRow[];
    return held.map((row) => ({ ...row, document: migrateMachineDocument(row.document) }));
  }

  function applyWaiting(): void {
    for (const { body, url } of outbox.waiting) if (url === '/api/settings') applySetting(body as SettingRow);
  }

  function applySetting(row: SettingRow): void {
    const others = (all: readonly SettingRow[]): SettingRow[] =>
      all.filter((s) => s.device !== row.device || s.machineId !== row.machineId);
    if (isPractice(row.machineId)) return void (practised.value = [...others(practised.value), row]);
    const machine = machines.value.find((m) => m.id === row.machineId);
    if (machine) machine.settings = [...others(machine.settings), row];
  }

  /** Keeps what a device is set to now, or with halfAngle null that it was disturbed. */
  async function keepSetting(given: Setting): Promise<void> {
    const row: SettingRow = { ...stamp(), ...given };
    applySetting(row);
    await outbox.add({ method: 'POST', url: '/api/settings', body: row });
    // What is still set over must be known after a reload as well, when nobody else can tell.
    if (machines.value.length > 0) await remember('machines', machines.value);
  }

  /** Changes one lathe's record over what the server has now. Errors: as the server's, ServerAway. */
  async function change(id: string, work: (document: MachineDocument) => void): Promise<void> {
    const { version, document } = await request<MachineRow>('GET', `/api/machines/${id}`);
    work(document);
    await request('PUT', `/api/machines/${id}`, { version, document, save: newId() });
    await load();
  }

  /** What the practice lathe that is worked is set to, and the practice corner's own lathe once something is practised. */
  const practised = ref<SettingRow[]>([]);
  const corner = shallowRef<MachineDocument>();
  /** A practice job is taken up: its lathe stands as it was left, and no other does. */
  function practise(settings: readonly SettingRow[], lathe: MachineDocument): void {
    practised.value = [...settings];
    corner.value = lathe;
  }
  const byId = (id: string): MachineRow | undefined =>
    isPractice(id) ? practiceRow(id) : machines.value.find((m) => m.id === id);

  /** The lathe of the practice corner, or one of the shop's as it is practised on. */
  function practiceRow(id: string): MachineRow | undefined {
    const own = shopsOwn(id);
    const document = own === null ? corner.value : byId(own)?.document;
    const settings = practised.value.filter(({ machineId }) => machineId === id);
    return document && { id, version: 1, document, settings };
  }

  return {
    machines,
    aside,
    loaded,
    load,
    byId,
    keepSetting,
    practise,
    change,
    /** Lathes in use, by name. */
    standing: computed(() => machines.value.filter((m) => !m.document.archived)),
    byName: computed(() =>
      machines.value
        .filter((m) => !m.document.archived)
        .map((m) => ({ value: m.id, title: m.document.name })),
    ),
  };
});

export const latheOf = (row: MachineRow): Lathe => coreLathe(row.document);

/** The settings still standing on a machine. */
export function stillSetOn(row: MachineRow): (SettingRow & { halfAngle: number })[] {
  return row.settings.filter((s): s is SettingRow & { halfAngle: number } => s.halfAngle !== null);
}

export function asStillSet(rows: readonly (SettingRow & { halfAngle: number })[]): StillSet[] {
  return rows.map(({ device, halfAngle, workLength }) => ({
    device: device as Device,
    halfAngle,
    workLength: workLength ?? undefined,
  }));
}
