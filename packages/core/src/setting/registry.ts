import type { Device } from '../machine/lathe';
import { angle } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { WayId } from '../taper/wayId';
import { attachmentDevice } from './devices/attachment';
import { compoundDevice } from './devices/compound';
import { edgeDevice, reamerDevice } from './devices/edge';
import { tailstockDevice } from './devices/tailstock';
import type { SchoolId } from './schoolId';
import { edgeSchool } from './schools/edge';
import { indicatorSchool } from './schools/indicator';
import { masterSchool } from './schools/master';
import { pinsSchool } from './schools/pins';
import { reamSchool } from './schools/ream';
import { scaleTrialSchool } from './schools/scaleTrial';
import { settingGaugeSchool } from './schools/settingGauge';
import { sineBarSchool } from './schools/sineBar';
import type { Nudge, SettingContext, SettingDevice, SettingSchool, SettingStep } from './setting';

const DEVICES: Readonly<Record<WayId, SettingDevice>> = {
  attachment: attachmentDevice,
  compound: compoundDevice,
  tailstock: tailstockDevice,
  'copy-master': compoundDevice,
  'form-tool': edgeDevice,
  reamer: reamerDevice,
};

/** Every school, in the order offered; the first that a way has is its usual one. */
const SCHOOLS: readonly SettingSchool[] = [
  indicatorSchool,
  edgeSchool,
  reamSchool,
  masterSchool,
  scaleTrialSchool,
  sineBarSchool,
  pinsSchool,
  settingGaugeSchool,
];

/** The device of the lathe that a way sets, or null when it sets none. */
export const deviceOf = (way: WayId): Device | null => DEVICES[way].device;

export interface SchoolChoice {
  readonly id: SchoolId;
  readonly title: string;
  readonly what: string;
  readonly provedBy: string;
  readonly blocked: Phrase | null;
}

/** The schools a way can be set by here, the usual one first, each with what stands in its way. */
export function schoolsFor(way: WayId, context: SettingContext): readonly SchoolChoice[] {
  return SCHOOLS.filter((s) => s.ways.includes(way)).map((s) => ({
    id: s.id,
    title: s.title,
    what: s.what,
    provedBy: s.provedBy,
    blocked: s.blocked(way, context),
  }));
}

/** The school asked for, or the usual one of the way where it was not asked for or does not suit. */
export function schoolOf(way: WayId, asked?: SchoolId | null): SettingSchool {
  const suiting = SCHOOLS.filter((s) => s.ways.includes(way));
  return suiting.find((s) => s.id === asked) ?? (suiting[0] as SettingSchool);
}

/**
 * The step cards of a way by a school on this part and lathe, in order: near by the scale, then proved, then what
 * remains before the cut. None when the lathe lacks the device or the school is blocked.
 */
export function settingSteps(
  way: WayId,
  context: SettingContext,
  asked?: SchoolId | null,
): readonly SettingStep[] {
  const device = DEVICES[way];
  const school = schoolOf(way, asked);
  if (device.device && !context.lathe[device.device]) return [];
  if (school.blocked(way, context)) return [];
  return [...device.byScale(context), ...school.steps(way, context), ...device.after(context)];
}

/**
 * The next nudge from the half angle the setting seems to stand at, in the way's own unit. checkTravel
 * (mm) is the travel the readings were taken over.
 */
export function nextNudge(way: WayId, context: SettingContext, from: number, checkTravel: number): Nudge {
  const off = from - context.task.halfAngle;
  return {
    ...DEVICES[way].nudge(context, from, checkTravel),
    because: [off > 0 ? 'Too steep by ' : 'Too shallow by ', angle(Math.abs(off)), '.'],
  };
}
