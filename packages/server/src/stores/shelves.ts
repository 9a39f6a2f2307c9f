import {
  migrateMachineDocument,
  type KitDocument,
  type MachineDocument,
  type ShopTaper,
} from '@anello/contract';
import { KitEntity, MachineEntity, TaperEntity } from '../db/entities';
import type { Shelf } from './shelf';

export const MACHINES: Shelf<MachineDocument> = {
  entity: MachineEntity,
  noun: 'machine',
  migrate: migrateMachineDocument,
};
export const KIT: Shelf<KitDocument> = {
  entity: KitEntity,
  noun: 'thing among the kit',
  migrate: (raw) => raw as KitDocument,
};
export const TAPERS: Shelf<ShopTaper> = {
  entity: TaperEntity,
  noun: 'saved taper',
  migrate: (raw) => raw as ShopTaper,
};
