import type { WayId } from '../../taper/wayId';
import { wayOf } from '../../ways/taper/registry';
import { angle } from '../../figure/figure';
import type { KindOfRecord } from './kind';

/** The setting proved, and kept as what the lathe stands at. */
export interface SettingKept {
  readonly kind: 'setting-kept';
  readonly way: WayId;
  readonly machineId: string;
  readonly halfAngle: number;
  readonly workLength: number;
}

export const settingKept: KindOfRecord<SettingKept> = {
  kind: 'setting-kept',
  called: 'Settings proved',
  stage: 'set',
  say: (body) => ['Setting kept: ', wayOf(body.way).name, ' at ', angle(body.halfAngle)],
};
