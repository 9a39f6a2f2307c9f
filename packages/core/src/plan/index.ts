import { checked } from '../basics/publicFace';
import { badCombinations as badCombinations_ } from './badCombinations';
import {
  endangeredBy as endangeredBy_,
  inOrder as inOrder_,
  orderOfWork as orderOfWork_,
} from './orderOfWork';

export { OPERATION_IDS, type OperationId } from './operation';

export const badCombinations = /* @__PURE__ */ checked(badCombinations_);
export const endangeredBy = /* @__PURE__ */ checked(endangeredBy_);
export const inOrder = /* @__PURE__ */ checked(inOrder_);
export const orderOfWork = /* @__PURE__ */ checked(orderOfWork_);
