import { cone, type Cone } from './cone';
import { contact, type Contact } from './contact';
import { crept, type Crept } from './crept';
import { curve, type Curve } from './curve';
import { felt, type Felt } from './felt';
import { held, type Held } from './held';
import { joint, type Joint } from './joint';
import { made, type Made } from './made';
import { measured, type Measured } from './measured';
import { note, type Note } from './note';
import { nudge, type Nudge } from './nudge';
import { pass, type Pass } from './pass';
import { photo, type Photo } from './photo';
import { piece, type Piece } from './piece';
import { reading, type Reading } from './reading';
import { settingKept, type SettingKept } from './settingKept';
import { shaped, type Shaped } from './shaped';
import { sized, type Sized } from './sized';
import { standOff, type StandOff } from './standOff';
import { step, type Step } from './step';
import { swept, type Swept } from './swept';
import { thrown, type Thrown } from './thrown';
import { travel, type Travel } from './travel';
import { verdict, type Verdict } from './verdict';
import { withdrawn, type Withdrawn } from './withdrawn';
import { worked, type Worked } from './worked';
import type { Phrase } from '../../figure/phrase';
import type { KindOfRecord } from './kind';

/** What is kept of a piece: what was seen or done, with the expected figure and inputs as they were then. */
export type RecordBody =
  | Step
  | Reading
  | Nudge
  | SettingKept
  | Pass
  | Measured
  | StandOff
  | Contact
  | Held
  | Cone
  | Thrown
  | Made
  | Travel
  | Shaped
  | Curve
  | Crept
  | Joint
  | Felt
  | Sized
  | Swept
  | Worked
  | Verdict
  | Photo
  | Piece
  | Note
  | Withdrawn;
export type RecordKind = RecordBody['kind'];

/** Every kind of kept row: a new one is a file beside these and its lines here. */
const KINDS: { readonly [K in RecordKind]: KindOfRecord<Extract<RecordBody, { kind: K }>> } = {
  step,
  reading,
  nudge,
  'setting-kept': settingKept,
  pass,
  measured,
  'stand-off': standOff,
  contact,
  held,
  cone,
  thrown,
  made,
  travel,
  shaped,
  curve,
  crept,
  joint,
  felt,
  sized,
  swept,
  worked,
  verdict,
  photo,
  piece,
  note,
  withdrawn,
};

/**
 * A kept row in a sentence, its figures left as figures.
 *
 * @example
 * plainText(describeRecord(RECORDS[0]))
 * // → 'Read 0.941\u00a0mm at 37.5\u00a0mm, should be 0.941\u00a0mm'
 */
export function describeRecord({
  body,
  piece,
}: {
  readonly body: RecordBody;
  readonly piece: number;
}): Phrase {
  const { say } = KINDS[body.kind] as KindOfRecord<RecordBody>;
  return say(body, { piece });
}

/**
 * Whether a kind of row is said of the piece as a whole, with no work done by it.
 *
 * @example
 * isBeside('note')
 * // → true
 */
export const isBeside = (kind: RecordKind): boolean => KINDS[kind].beside ?? false;

/** Whether a kind of row is kept of a cut, and not of what is set before one. */
export const isOfTheCut = (kind: RecordKind): boolean => KINDS[kind].ofTheCut ?? false;
