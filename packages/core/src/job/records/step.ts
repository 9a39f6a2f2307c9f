import type { WayId } from '../../taper/wayId';
import { wayOf } from '../../ways/taper/registry';
import type { KindOfRecord } from './kind';

/** A card of the setting done. */
export interface Step {
  readonly kind: 'step';
  readonly way: WayId;
  readonly step: string;
}

export const step: KindOfRecord<Step> = {
  kind: 'step',
  called: 'Steps of setting',
  stage: 'set',
  say: (body) => ['Card done: ', body.step, ' (', wayOf(body.way).name, ')'],
};
