import { angle } from '../phrase/figure';
import type { WayId } from '../way/way';
import { attachmentSetting } from './plans/attachment';
import { compoundSetting } from './plans/compound';
import { tailstockSetting } from './plans/tailstock';
import type { Nudge, SettingContext, SettingSchool, SettingStep } from './setting';

const SCHOOLS: Readonly<Record<WayId, SettingSchool>> = {
  attachment: attachmentSetting,
  compound: compoundSetting,
  tailstock: tailstockSetting,
};

/** The device of the lathe that a way sets. */
export const deviceOf = (way: WayId): SettingSchool['device'] => SCHOOLS[way].device;

/** The step cards of a way on this part and lathe, in order; none when the lathe lacks the device. */
export function settingSteps(way: WayId, context: SettingContext): readonly SettingStep[] {
  return SCHOOLS[way].steps(context);
}

/**
 * The next nudge from the half angle the setting seems to stand at, in the way's own unit. checkTravel
 * (mm) is the travel the readings were taken over.
 */
export function nextNudge(way: WayId, context: SettingContext, from: number, checkTravel: number): Nudge {
  const off = from - context.task.halfAngle;
  return {
    ...SCHOOLS[way].nudge(context, from, checkTravel),
    because: [off > 0 ? 'Too steep by ' : 'Too shallow by ', angle(Math.abs(off)), '.'],
  };
}
