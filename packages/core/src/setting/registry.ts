import { angle } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { WayId } from '../taper/wayId';
import { attachmentDevice } from './devices/attachment';
import { compoundDevice } from './devices/compound';
import { edgeDevice, reamerDevice } from './devices/edge';
import { tailstockDevice } from './devices/tailstock';
import type { SchoolId } from '../ways/taper/schoolId';
import { wayOf } from '../ways/taper/registry';
import type { Way } from '../ways/taper/way';
import { edgeSchool } from './schools/edge';
import { indicatorSchool } from './schools/indicator';
import { masterSchool } from './schools/master';
import { pinsSchool } from './schools/pins';
import { reamSchool } from './schools/ream';
import { scaleTrialSchool } from './schools/scaleTrial';
import { settingGaugeSchool } from './schools/settingGauge';
import { sineBarSchool } from './schools/sineBar';
import type { Nudge, SettingContext, SettingDevice, SettingSchool, SettingStep } from './setting';

const DEVICES: Readonly<Record<Way['adjusts'], SettingDevice>> = {
  attachment: attachmentDevice,
  compound: compoundDevice,
  tailstock: tailstockDevice,
  edge: edgeDevice,
  nothing: reamerDevice,
};
const deviceFor = (way: WayId): SettingDevice => DEVICES[wayOf(way).adjusts];

/** Every school there is; which a way can be set by, and which is its usual one, the way says. */
const SCHOOLS: Readonly<Record<SchoolId, SettingSchool>> = {
  indicator: indicatorSchool,
  edge: edgeSchool,
  ream: reamSchool,
  master: masterSchool,
  'scale-trial': scaleTrialSchool,
  'sine-bar': sineBarSchool,
  pins: pinsSchool,
  'setting-gauge': settingGaugeSchool,
};

/** The schools a way can be set by, the usual one first. */
function suiting(way: WayId): readonly [SettingSchool, ...SettingSchool[]] {
  const [usual, ...others] = wayOf(way).schools.map((id) => SCHOOLS[id]);
  return [usual as SettingSchool, ...others];
}

export interface SchoolChoice {
  readonly id: SchoolId;
  readonly title: string;
  readonly what: string;
  readonly provedBy: string;
  readonly blocked: Phrase | null;
}

/**
 * The schools a way can be set by here, the usual one first, each with what stands in its way.
 *
 * @example
 * schoolsFor('tailstock', SETTING).map((school) => school.id)
 * // → ['indicator', 'scale-trial', 'setting-gauge']
 */
export function schoolsFor(way: WayId, context: SettingContext): readonly SchoolChoice[] {
  return suiting(way).map((s) => ({
    id: s.id,
    title: s.title,
    what: s.what,
    provedBy: s.provedBy,
    blocked: s.blocked(wayOf(way), context),
  }));
}

/**
 * The school asked for, or the usual one of the way where it was not asked for or does not suit.
 *
 * @example
 * schoolOf('reamer').id
 * // → 'ream'
 */
export function schoolOf(way: WayId, asked?: SchoolId | null): SettingSchool {
  const [usual, ...others] = suiting(way);
  return others.find((s) => s.id === asked) ?? usual;
}

/**
 * The step cards of a way by a school on this part and lathe, in order: near by the scale, then proved, then what
 * remains before the cut. None when the lathe lacks the device or the school is blocked.
 *
 * @example
 * settingSteps('compound', SETTING).map((step) => step.id)
 * // → ['swing', 'sweep', 'height']
 */
export function settingSteps(
  way: WayId,
  context: SettingContext,
  asked?: SchoolId | null,
): readonly SettingStep[] {
  const device = deviceFor(way);
  const { device: sets } = wayOf(way);
  const school = schoolOf(way, asked);
  if (sets && !context.lathe[sets]) return [];
  if (school.blocked(wayOf(way), context)) return [];
  return [...device.byScale(context), ...school.steps(wayOf(way), context), ...device.after(context)];
}

/**
 * The next nudge from the half angle the setting seems to stand at, in the way's own unit. checkTravel
 * (mm) is the travel the readings were taken over.
 *
 * @example
 * nextNudge('attachment', SETTING, SHANK.halfAngle + 0.001, 75).direction
 * // → 'toward you'
 */
export function nextNudge(way: WayId, context: SettingContext, from: number, checkTravel: number): Nudge {
  const off = from - context.task.halfAngle;
  return {
    ...deviceFor(way).nudge(context, from, checkTravel),
    because: [off > 0 ? 'Too steep by ' : 'Too shallow by ', angle(Math.abs(off)), '.'],
  };
}
