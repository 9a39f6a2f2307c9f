import { checked } from '../basics/publicFace';
import { badCombinations as badCombinations_ } from './badCombinations';
import { checkPlan as checkPlan_ } from './check/checkPlan';
import { stockAfter as stockAfter_ } from './check/stockAfter';
import { describePlan as describePlan_ } from './describe';
import { operationInHand as operationInHand_, operationsAlike as operationsAlike_ } from './inHand';
import { alikeInAnyMaterial as alikeInAnyMaterial_ } from './operations/alike';
import { goesOn as goesOn_ } from './operations/goesOn';
import { operationNamed as operationNamed_ } from './operations/named';
import { planPart as planPart_ } from './propose/planPart';
import { usualStock as usualStock_ } from './usualStock';

export {
  HOLDING_BY,
  OPERATION_KINDS,
  type Finding,
  type Holding,
  type HoldingBy,
  type OperationKind,
  type PlanOperation,
  type PlanPart,
  STOCK_SHAPES,
  type Stock,
} from './piece/line';
export type { OperationInHand } from './inHand';
export type {
  Card,
  DiameterCard,
  FiguresCard,
  HoleCard,
  Measure,
  PlaceCard,
  StairsCard,
  ThreadCard,
} from './operations/card';
export type { HoldingSaid, OperationSaid, PlanSaid } from './describe';
export type { Outlines } from './piece/outlines';
export type { Proposal } from './propose/planPart';

export const badCombinations = /* @__PURE__ */ checked(badCombinations_);
export const planPart = /* @__PURE__ */ checked(planPart_);
export const checkPlan = /* @__PURE__ */ checked(checkPlan_);
export const stockAfter = /* @__PURE__ */ checked(stockAfter_);
export const describePlan = /* @__PURE__ */ checked(describePlan_);
export const operationInHand = /* @__PURE__ */ checked(operationInHand_);
export const alikeInAnyMaterial = /* @__PURE__ */ checked(alikeInAnyMaterial_);
export const operationsAlike = /* @__PURE__ */ checked(operationsAlike_);
export const operationNamed = /* @__PURE__ */ checked(operationNamed_);
export const goesOn = /* @__PURE__ */ checked(goesOn_);
export const usualStock = /* @__PURE__ */ checked(usualStock_);
