import {
  coreKit,
  coreLathe,
  kitDocumentSchema,
  machineDocumentSchema,
  migrateMachineDocument,
  shopTaperSchema,
  shopTaperSize,
  type KitDocument,
  type MachineDocument,
  type ShopTaper,
} from '@anello/contract';
import { shelf } from './shelf';

export const MACHINES = shelf<MachineDocument>({
  table: 'machine',
  noun: 'machine',
  schema: machineDocumentSchema,
  migrate: migrateMachineDocument,
  open: coreLathe,
});
export const KIT = shelf<KitDocument>({
  table: 'kit',
  noun: 'thing among the kit',
  schema: kitDocumentSchema,
  migrate: (raw) => raw as KitDocument,
  open: (document) => coreKit([{ ...document, archived: false }]),
});
export const TAPERS = shelf<ShopTaper>({
  table: 'taper',
  noun: 'saved taper',
  schema: shopTaperSchema,
  migrate: (raw) => raw as ShopTaper,
  open: (document) => shopTaperSize('new', document),
});
