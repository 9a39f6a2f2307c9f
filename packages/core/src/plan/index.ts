import { checked } from '../basics/publicFace';
import { badCombinations as badCombinations_ } from './badCombinations';
import { checkPlan as checkPlan_ } from './check/checkPlan';
import { stockAfter as stockAfter_ } from './check/stockAfter';
import { kindOfHolding as kindOfHolding_ } from './holdings/registry';
import { kindOfOperation as kindOfOperation_ } from './operations/registry';
import {
  endangeredBy as endangeredBy_,
  inOrder as inOrder_,
  orderOfWork as orderOfWork_,
} from './order/orderOfWork';
import { planPart as planPart_ } from './propose/planPart';

export { OPERATION_IDS, type OperationId } from './order/operation';
export {
  HOLDING_BY,
  OPERATION_KINDS,
  type Finding,
  type Holding,
  type HoldingBy,
  type OperationKind,
  type PlanOperation,
  type PlanPart,
  type Stock,
} from './piece/line';
export type { Proposal } from './propose/planPart';

export const badCombinations = /* @__PURE__ */ checked(badCombinations_);
export const endangeredBy = /* @__PURE__ */ checked(endangeredBy_);
export const inOrder = /* @__PURE__ */ checked(inOrder_);
export const orderOfWork = /* @__PURE__ */ checked(orderOfWork_);
export const planPart = /* @__PURE__ */ checked(planPart_);
export const checkPlan = /* @__PURE__ */ checked(checkPlan_);
export const stockAfter = /* @__PURE__ */ checked(stockAfter_);
export const kindOfHolding = /* @__PURE__ */ checked(kindOfHolding_);
export const kindOfOperation = /* @__PURE__ */ checked(kindOfOperation_);
