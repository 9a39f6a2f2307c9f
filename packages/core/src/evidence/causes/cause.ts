import type { Member } from '../../taper/task';
import type { ConeEnd, Marked, Shaken } from '../evidence';

/** What can be wrong with a cone, or nothing; or none of these. */
export const CAUSE_IDS = [
  'right',
  'too-steep',
  'too-shallow',
  'hollow',
  'barrelled',
  'flat',
  'bell-mouth',
  'wave',
  'chatter',
  'burr',
  'warm',
  'none',
] as const;
export type CauseId = (typeof CAUSE_IDS)[number];

/** How likely each report is of one fault of one size: what a marker shows, a hand feels, a push home does. */
export interface Reports {
  readonly bands: Readonly<Partial<Record<Marked, number>>>;
  readonly shake: Readonly<Partial<Record<Shaken, number>>>;
  readonly sticks: number;
  /** The end it would turn about if rocked, or null where it would not rock about an end. */
  readonly touches: ConeEnd | null;
}

/** One size of one fault. */
export interface Fault {
  /** How likely this size is among the cause's; they add to one. */
  readonly weight: number;
  /** How far the half angle is out, rad, steeper is more; anywhere between these two, with `angle` its middle. */
  readonly angle: number;
  readonly angleFrom: number;
  readonly angleTo: number;
  readonly reports: Reports;
}

/** What the faults of a cause are drawn from. */
export interface Setting {
  readonly member: Member;
  /** Plus or minus on the half angle that is good enough, rad. */
  readonly band: number;
  /** Length of the cone, mm. */
  readonly length: number;
}

export interface Cause {
  readonly id: CauseId;
  readonly title: Readonly<Record<Member, string>>;
  /** How often it is met: what is believed before anything is tried. */
  readonly met: Readonly<Record<Member, number>>;
  readonly next: string;
  faults(setting: Setting): readonly Fault[];
}

export const both = <T>(value: T): Readonly<Record<Member, T>> => ({ external: value, internal: value });
