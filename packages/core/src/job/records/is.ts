import { kindGuard } from '../../basics/kindGuard';
import type { RecordKind } from './registry';

/** Which kind a kept row is, asked of its body without the word: nobody outside this folder writes it. */
const guard = <K extends RecordKind>(kind: K) => kindGuard(kind);

/**
 * Whether a kept row is a pass.
 *
 * @example
 * isPass({ kind: 'pass' })
 * // → true
 */
export const isPass = /* @__PURE__ */ guard('pass');
export const isMeasured = /* @__PURE__ */ guard('measured');
export const isStandOff = /* @__PURE__ */ guard('stand-off');
export const isContact = /* @__PURE__ */ guard('contact');

/**
 * Whether a kept row is how the work runs as held.
 *
 * @example
 * isHeld({ kind: 'held' })
 * // → true
 */
export const isHeld = /* @__PURE__ */ guard('held');
export const isCone = /* @__PURE__ */ guard('cone');
export const isNudge = /* @__PURE__ */ guard('nudge');
export const isReading = /* @__PURE__ */ guard('reading');
export const isSettingKept = /* @__PURE__ */ guard('setting-kept');
export const isFelt = /* @__PURE__ */ guard('felt');

/**
 * Whether a kept row is a size measured.
 *
 * @example
 * isSized({ kind: 'sized' })
 * // → true
 */
export const isSized = /* @__PURE__ */ guard('sized');

/**
 * Whether a kept row is a sweep of a bar.
 *
 * @example
 * isSwept({ kind: 'swept' })
 * // → true
 */
export const isSwept = /* @__PURE__ */ guard('swept');

/**
 * Whether a kept row is a step of the plan done.
 *
 * @example
 * isWorked({ kind: 'worked' })
 * // → true
 */
export const isWorked = /* @__PURE__ */ guard('worked');

/**
 * Whether a kept row is a photo.
 *
 * @example
 * isPhoto({ kind: 'photo' })
 * // → true
 */
export const isPhoto = /* @__PURE__ */ guard('photo');

/**
 * Whether a kept row is a note.
 *
 * @example
 * isNote({ kind: 'note' })
 * // → true
 */
export const isNote = /* @__PURE__ */ guard('note');

/**
 * Whether a kept row is the taking back of another.
 *
 * @example
 * isWithdrawn({ kind: 'withdrawn' })
 * // → true
 */
export const isWithdrawn = /* @__PURE__ */ guard('withdrawn');
