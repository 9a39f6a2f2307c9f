import { checked } from '../basics/publicFace';
import { quickCompletions as quickCompletions_, quickSum as quickSum_ } from './quickSum';

export { QUICK_PHRASES } from './quickSum';
export type { QuickAnswer, QuickLine } from './quickPhrase';

export const quickCompletions = /* @__PURE__ */ checked(quickCompletions_);
export const quickSum = /* @__PURE__ */ checked(quickSum_);
