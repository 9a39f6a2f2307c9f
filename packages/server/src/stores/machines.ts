import type { MachineDocument, MachineRow, SettingRow } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { DEVICES } from '@anello/core/machine';
import { isDeepStrictEqual } from 'node:util';
import type { Book } from '../db/book';
import { refuseOtherTimes } from './clock';
import { addToShelf, findOnShelf, listShelf, saveOnShelf } from './shelf';
import { MACHINES } from './shelves';
import { StaleVersion } from './staleVersion';

const COLUMNS =
  '`id`, `machine_id` as `machineId`, `device`, `half_angle` as `halfAngle`, `work_length` as `workLength`, `at`, `operator`, `job_id` as `jobId`, `job_number` as `jobNumber`, `how`';
/** What was set last, by when it was set and not by when it arrived: one row of the index. */
const IN_FORCE = `select ${COLUMNS} from \`setting\` where \`machine_id\` = ? and \`device\` = ? order by \`at\` desc, \`seq\` desc limit 1`;

/** Every lathe with what its devices are still set to, as JSON; lathes that cannot be read are named beside them. */
export function machinesText(book: Book): string {
  const { rows, aside } = listShelf(book, MACHINES);
  const machines = rows.map(
    ({ id, version, text }) =>
      `{"id":${JSON.stringify(id)},"version":${version},"document":${text},"settings":${JSON.stringify(settingsInForce(book, id))}}`,
  );
  return `{"machines":[${machines.join(',')}],"aside":${JSON.stringify(aside)}}`;
}

/** The last setting of each device of a lathe, disturbed ones included. */
export const settingsInForce = (book: Book, machineId: string): SettingRow[] =>
  DEVICES.flatMap((device) => {
    const row = book.get<SettingRow & { _metadata?: unknown }>(IN_FORCE, machineId, device);
    if (!row) return [];
    const { _metadata, ...setting } = row;
    return [setting];
  });

const PAGE = 1000;

/** Every setting ever kept, as JSON, in the order they were kept. */
export function* settingsInBook(book: Book): Generator<string> {
  for (let after = 0; ;) {
    const rows = book.all<SettingRow & { seq: number }>(
      `select \`seq\`, ${COLUMNS} from \`setting\` where \`seq\` > ? order by \`seq\` limit ?`,
      after,
      PAGE,
    );
    for (const { seq: _, ...setting } of rows) yield JSON.stringify(setting);
    const last = rows.at(-1);
    if (!last || rows.length < PAGE) return;
    after = last.seq;
  }
}

/** One lathe. Error: not-found. */
export function findMachine(book: Book, id: string): MachineRow {
  const { version, document } = findOnShelf(book, MACHINES, id);
  return { id, version, document, settings: settingsInForce(book, id) };
}

/** Adds a lathe; the same request again answers what is kept. Errors as addToShelf. */
export async function createMachine(book: Book, id: string, document: MachineDocument): Promise<MachineRow> {
  await addToShelf(book, MACHINES, id, document);
  return findMachine(book, id);
}

/** Saves a lathe over the version it was read at. Errors as saveOnShelf (stale-version with its settings as they stand). */
export async function saveMachine(
  book: Book,
  id: string,
  save: { version: number; document: MachineDocument; save?: string | undefined },
): Promise<MachineRow> {
  try {
    await saveOnShelf(book, MACHINES, id, save);
  } catch (error) {
    if (error instanceof StaleVersion) throw new StaleVersion(findMachine(book, id));
    throw error;
  }
  return findMachine(book, id);
}

/** Keeps what a device was set to, once. Errors: not-found (machine), record-differs, out-of-range (time). */
export async function keepSetting(book: Book, setting: SettingRow): Promise<void> {
  refuseOtherTimes(setting.at);
  await book.write(() => putSetting(book, setting));
}

/** The same, within the work of a write. Times are kept in one form, because they are put in order as text. */
export function putSetting(book: Book, given: SettingRow): boolean {
  const setting = { ...given, at: new Date(given.at).toISOString() };
  const before = book.get<SettingRow & { _metadata?: unknown }>(
    `select ${COLUMNS} from \`setting\` where \`id\` = ?`,
    setting.id,
  );
  if (before) {
    const { _metadata, ...kept } = before;
    if (isDeepStrictEqual(kept, setting)) return false;
    throw new AnelloError(
      'record-differs',
      'id',
      'A setting with this id is already kept and says something else.',
    );
  }
  if (!book.get('select 1 from `machine` where `id` = ?', setting.machineId))
    throw new AnelloError('not-found', 'machineId', 'There is no such machine here.');
  const { id, machineId, device, halfAngle, workLength, at, operator, jobId, jobNumber, how } = setting;
  book.run(
    'insert into `setting` (`id`, `machine_id`, `device`, `half_angle`, `work_length`, `at`, `operator`, `job_id`, `job_number`, `how`, `kept_at`) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
    id,
    machineId,
    device,
    halfAngle,
    workLength,
    at,
    operator,
    jobId,
    jobNumber,
    how,
    new Date().toISOString(),
  );
  return true;
}
