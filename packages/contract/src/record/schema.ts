import { MADE_IDS } from '@anello/core/eccentric';
import { CONTACTS, MEASURED_WARM } from '@anello/core/gauging';
import { FEELS, type KeptRecord } from '@anello/core/job';
import { DEVICES } from '@anello/core/machine';
import { COPY_IDS } from '@anello/core/old-part';
import { WAY_IDS } from '@anello/core/taper';
import { CURVE_WAY_IDS } from '@anello/core/ways';
import { z } from 'zod';

const way = z.enum(WAY_IDS);
const step = z.string().min(1).max(40);
const typed = z.string().max(200);
/** As large as anything that is kept: more of it no screen shows. */
const MOST_KEPT = 1e9;
const TOO_LARGE = 'No workshop has a figure as large as that.';
const figure = () => z.number().min(-MOST_KEPT, TOO_LARGE).max(MOST_KEPT, TOO_LARGE);

export const recordBodySchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('step'), way, step }),
  z.strictObject({
    kind: z.literal('reading'),
    way,
    step,
    travelAlong: z.enum(['slide', 'axis']),
    at: figure(),
    seen: figure(),
    expected: figure(),
    low: figure(),
    high: figure(),
    typed,
  }),
  z.strictObject({
    kind: z.literal('nudge'),
    way,
    step,
    amount: figure(),
    direction: z.string().max(120),
    fromHalfAngle: figure(),
    toHalfAngle: figure(),
  }),
  z.strictObject({
    kind: z.literal('setting-kept'),
    way,
    machineId: z.string().max(60),
    halfAngle: figure(),
    workLength: figure(),
  }),
  z.strictObject({
    kind: z.literal('pass'),
    dialFrom: figure(),
    dialTo: figure(),
    planned: figure().nullable(),
    depth: figure(),
    typed,
  }),
  z.strictObject({
    kind: z.literal('measured'),
    diameter: figure().positive(),
    expected: figure().nullable(),
    dialAt: figure(),
    typed,
    temperature: figure().min(MEASURED_WARM.coldest).max(MEASURED_WARM.hottest).optional(),
  }),
  z.strictObject({
    kind: z.literal('stand-off'),
    seen: figure(),
    halfAngle: figure(),
    diameterLeft: figure(),
    typed,
    checked: z.literal(true).optional(),
  }),
  z.strictObject({
    kind: z.literal('contact'),
    contact: z.enum(CONTACTS),
    halfAngle: figure(),
    swing: figure().nullable(),
    distance: figure().nullable(),
  }),
  z.strictObject({
    kind: z.literal('held'),
    readings: z.array(figure().nullable()).length(4).readonly(),
    limit: figure().positive(),
    swing: figure(),
    inside: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('cone'),
    method: z.enum(COPY_IDS),
    ratio: figure().positive(),
    uncertainty: figure().positive(),
  }),
  z.strictObject({
    kind: z.literal('thrown'),
    eccentric: z.string().max(60),
    wanted: figure(),
    now: figure(),
    x: figure().nullable(),
    y: figure().nullable(),
    inside: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('made'),
    eccentric: z.string().max(60),
    what: z.enum(MADE_IDS),
    basis: z.strictObject({
      throw: figure(),
      diameter: figure(),
      width: figure(),
      bore: figure().nullable(),
      hub: figure().nullable(),
    }),
  }),
  z.strictObject({
    kind: z.literal('travel'),
    eccentric: z.string().max(60),
    station: z.enum(['near', 'far']),
    seen: figure(),
    wanted: figure(),
    typed,
  }),
  z.strictObject({ kind: z.literal('shaped'), way: z.enum(CURVE_WAY_IDS), said: z.string().max(2000) }),
  z.strictObject({
    kind: z.literal('curve'),
    places: z.int().min(3),
    worst: figure(),
    at: figure(),
    rms: figure(),
    limit: figure(),
    inside: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('crept'),
    /** mm; null where the places read could not tell. */
    along: figure().nullable(),
    across: figure(),
    worst: figure(),
    at: figure(),
  }),
  z.strictObject({
    kind: z.literal('joint'),
    places: z.int().min(2),
    clearance: figure(),
    least: figure(),
    at: figure(),
    most: figure(),
    shift: figure(),
    room: figure(),
  }),
  z.strictObject({ kind: z.literal('felt'), feel: z.enum(FEELS) }),
  z.strictObject({
    kind: z.literal('sized'),
    what: z.string().max(120),
    seen: figure(),
    low: figure(),
    high: figure(),
    unit: z.literal('HRC').optional(),
    typed,
  }),
  z.strictObject({
    kind: z.literal('swept'),
    way,
    step: z.string().min(1).max(40),
    travelAlong: z.enum(['slide', 'axis']),
    expectedSlope: figure(),
    travel: z.array(figure()).min(8).max(1000).readonly(),
    reading: z.array(figure()).min(8).max(1000).readonly(),
    count: z.int().min(8),
    beginsAt: figure().optional(),
    halfAngle: figure(),
    u: figure().min(0),
    causes: z.array(z.string().max(20)).max(20).readonly(),
  }),
  z.strictObject({
    kind: z.literal('worked'),
    said: z.string().trim().min(1).max(200),
    alike: z.string().min(1).max(120).optional(),
    minutes: figure().min(0).max(100_000).optional(),
  }),
  z.strictObject({
    kind: z.literal('verdict'),
    verdict: z.enum(['accepted', 'rework', 'scrap']),
    cause: z.string().max(400),
  }),
  z.strictObject({
    kind: z.literal('piece'),
    carriedFrom: z.int().min(1).nullable(),
    again: z.boolean().optional(),
  }),
  z.strictObject({
    kind: z.literal('note'),
    text: z.string().trim().min(1).max(2000),
    of: z.uuid().optional(),
  }),
  z.strictObject({
    kind: z.literal('photo'),
    photo: z.uuid(),
    text: z.string().trim().max(400),
    of: z.uuid().optional(),
  }),
  z.strictObject({ kind: z.literal('withdrawn'), record: z.uuid() }),
]);

/** One kept row, made where it was typed. */
export const recordSchema = z.strictObject({
  id: z.uuid(),
  jobId: z.string().min(1).max(60),
  piece: z.int().min(1).max(200),
  at: z.iso.datetime(),
  operator: z.string().trim().min(1).max(12),
  /** The feature it is about, and the operation of the plan it was kept in; neither in rows from before there were any. */
  feature: z.string().min(1).max(60).optional(),
  operation: z.string().min(1).max(140).optional(),
  body: recordBodySchema,
});

/** A row about what a lathe's device is set to; halfAngle null says it was disturbed. */
export const settingSchema = z.strictObject({
  id: z.uuid(),
  machineId: z.string().min(1).max(60),
  device: z.enum(DEVICES),
  halfAngle: z.number().nullable(),
  workLength: z.number().nullable(),
  at: z.iso.datetime(),
  operator: z.string().trim().min(1).max(12),
  jobId: z.string().max(60).nullable(),
  jobNumber: z.string().max(20).nullable(),
  /** How it was proved, in a few words. */
  how: z.string().max(120),
});
export type SettingRow = z.infer<typeof settingSchema>;

/** The schema and the core's own type describe the same rows. */
export type RecordDocument = z.infer<typeof recordSchema>;
export const asKept = (record: RecordDocument): KeptRecord => record;
