import { checked } from '../basics/publicFace';
import { flatFormTool as flatFormTool_ } from './flatFormTool';
import { circularFormTool as circularFormTool_ } from './circularFormTool';
import { soakMinutes as soakMinutes_ } from './toolSteel';
import { chatterRisk as chatterRisk_, plungeSpeed as plungeSpeed_, formTool as formTool_ } from './formTool';
import { testCut as testCut_ } from './testCut';
import { formToolOutline as formToolOutline_ } from './formToolOutline';

export { TEMPER_COLOURS, TOOL_STEELS } from './toolSteel';
export { USUAL_CLEARANCE } from './usual';
export type { FormTool, FormToolKind } from './formTool';
export type { GrooveCheck } from './testCut';

export const flatFormTool = /* @__PURE__ */ checked(flatFormTool_);
export const circularFormTool = /* @__PURE__ */ checked(circularFormTool_);
export const soakMinutes = /* @__PURE__ */ checked(soakMinutes_);
export const chatterRisk = /* @__PURE__ */ checked(chatterRisk_);
export const plungeSpeed = /* @__PURE__ */ checked(plungeSpeed_);
export const formTool = /* @__PURE__ */ checked(formTool_);
export const testCut = /* @__PURE__ */ checked(testCut_);
export const formToolOutline = /* @__PURE__ */ checked(formToolOutline_);
