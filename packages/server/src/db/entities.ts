import type { JobDocument, KitDocument, MachineDocument, ShopTaper } from '@anello/contract';
import type { KeptRecord } from '@anello/core';
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';

/** A job: its document as typed, and the version a save must name. */
export const JobEntity = defineEntity({
  name: 'Job',
  tableName: 'job',
  properties: {
    id: p.string().primary(),
    number: p.string().unique(),
    title: p.string(),
    version: p.integer(),
    updatedAt: p.string().fieldName('updated_at').index(),
    document: p.json<JobDocument>(),
  },
});
export type JobEntityRow = InferEntity<typeof JobEntity>;

/** An append-only row of what was seen or done on a piece. */
export const RecordEntity = defineEntity({
  name: 'Record',
  tableName: 'record',
  properties: {
    seq: p.integer().primary().autoincrement(),
    id: p.string().unique(),
    jobId: p.string().fieldName('job_id').index(),
    piece: p.integer(),
    at: p.string(),
    operator: p.string(),
    body: p.json<KeptRecord['body']>(),
  },
});

/** A lathe: its document as typed, and the version a save must name. */
export const MachineEntity = defineEntity({
  name: 'Machine',
  tableName: 'machine',
  properties: {
    id: p.string().primary(),
    version: p.integer(),
    document: p.json<MachineDocument>(),
  },
});

/** A thing or a set the shop owns. */
export const KitEntity = defineEntity({
  name: 'Kit',
  tableName: 'kit',
  properties: {
    id: p.string().primary(),
    version: p.integer(),
    document: p.json<KitDocument>(),
  },
});

/** A taper the shop has saved for itself. */
export const TaperEntity = defineEntity({
  name: 'Taper',
  tableName: 'taper',
  properties: {
    id: p.string().primary(),
    version: p.integer(),
    document: p.json<ShopTaper>(),
  },
});

/** An append-only row of what a lathe's device was set to, or that it was disturbed. */
export const SettingEntity = defineEntity({
  name: 'Setting',
  tableName: 'setting',
  properties: {
    seq: p.integer().primary().autoincrement(),
    id: p.string().unique(),
    machineId: p.string().fieldName('machine_id').index(),
    device: p.string(),
    halfAngle: p.double().fieldName('half_angle').nullable(),
    workLength: p.double().fieldName('work_length').nullable(),
    at: p.string(),
    operator: p.string(),
    jobId: p.string().fieldName('job_id').nullable(),
    jobNumber: p.string().fieldName('job_number').nullable(),
    how: p.string(),
  },
});

export const ENTITIES = [JobEntity, RecordEntity, MachineEntity, KitEntity, TaperEntity, SettingEntity];
