import { kindGuard } from '../../basics/kindGuard';
import type { FeatureKind } from './registry';

/** Which kind a feature is, or a section of the part as laid, asked without its word: nobody outside this folder writes it. */
const guard = <K extends FeatureKind>(kind: K) => kindGuard(kind);

/**
 * Whether a feature is a taper.
 *
 * @example
 * isTaper(SHANK_PART[0])
 * // → true
 */
export const isTaper = /* @__PURE__ */ guard('taper');

/**
 * Whether a feature is a cylinder.
 *
 * @example
 * isCylinder(SHANK_PART[1])
 * // → true
 */
export const isCylinder = /* @__PURE__ */ guard('cylinder');

/**
 * Whether a feature is an eccentric.
 *
 * @example
 * isEccentric(DISC_PART[0])
 * // → true
 */
export const isEccentric = /* @__PURE__ */ guard('eccentric');

/**
 * Whether a feature is a bore.
 *
 * @example
 * isBore(DISC_PART[1])
 * // → true
 */
export const isBore = /* @__PURE__ */ guard('bore');

/**
 * Whether a feature is a thread.
 *
 * @example
 * isThread({ kind: 'thread' })
 * // → true
 */
export const isThread = /* @__PURE__ */ guard('thread');

/**
 * Whether a feature is a groove.
 *
 * @example
 * isGroove({ kind: 'groove' })
 * // → true
 */
export const isGroove = /* @__PURE__ */ guard('groove');

/**
 * Whether a feature is a profile.
 *
 * @example
 * isProfile({ kind: 'profile' })
 * // → true
 */
export const isProfile = /* @__PURE__ */ guard('profile');

export const isTang = /* @__PURE__ */ guard('tang');
export const isCentreHole = /* @__PURE__ */ guard('centre');
export const isChamfer = /* @__PURE__ */ guard('chamfer');
export const isCornerRadius = /* @__PURE__ */ guard('corner-radius');
/**
 * Whether a feature is a cross hole.
 *
 * @example
 * isCrossHole({ kind: 'cross-hole' })
 * // → true
 */
export const isCrossHole = /* @__PURE__ */ guard('cross-hole');

export const isFlats = /* @__PURE__ */ guard('flats');
