import { checked } from '../basics/publicFace';
import { parseQuantity as parseQuantity_ } from './parseQuantity';
import { parseCounts as parseCounts_ } from './parseCounts';
import { drillMark as drillMark_ } from './drillMarks';
import { parseSizes as parseSizes_, unitOfSizes as unitOfSizes_ } from './parseSizes';

export type { ParsedQuantity } from './parseQuantity';
export type { DefaultUnit, Dimension } from './units';
export type { CountRange } from './parseCounts';

export const parseQuantity = /* @__PURE__ */ checked(parseQuantity_);
export const parseCounts = /* @__PURE__ */ checked(parseCounts_);
export const parseSizes = /* @__PURE__ */ checked(parseSizes_);
export const unitOfSizes = /* @__PURE__ */ checked(unitOfSizes_);
export const drillMark = /* @__PURE__ */ checked(drillMark_);
