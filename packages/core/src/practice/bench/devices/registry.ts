import type { Device } from '../../../machine/lathe';
import { attachment } from './attachment';
import { compound } from './compound';
import type { ConeDevice } from './device';
import { tailstock } from './tailstock';

/** How a cone is made by each device of the practice lathe. */
export const CONE_DEVICES: Readonly<Record<Device, ConeDevice>> = { attachment, compound, tailstock };
