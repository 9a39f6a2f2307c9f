import { CUTTING_FAULTS } from './cutting';
import { DEVICE_FAULTS } from './devices';
import { HAND_FAULTS } from './hands';
import type { FaultKind } from './kind';
import { SLIDE_FAULTS } from './slides';

/** Everything that can be hidden in a lathe. A new fault is an entry in its group's file, and what it does in the lathe. */
export const FAULT_KINDS = {
  ...SLIDE_FAULTS,
  ...DEVICE_FAULTS,
  ...CUTTING_FAULTS,
  ...HAND_FAULTS,
} as const satisfies Record<string, FaultKind>;
export type FaultId = keyof typeof FAULT_KINDS;
export const FAULT_IDS = Object.keys(FAULT_KINDS) as readonly FaultId[];

/** How large each is. */
export type Faults = Readonly<Record<FaultId, number>>;
