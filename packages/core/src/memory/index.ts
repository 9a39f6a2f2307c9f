import { checked } from '../basics/publicFace';
import { latheLikeness as latheLikeness_ } from './likeness';
import { shapeStory as shapeStory_ } from './shapeStory';

export type { Likeness, LikenessPoint, Told } from './likeness';
export type { ShapeStory, StorySetting } from './shapeStory';

export const latheLikeness = /* @__PURE__ */ checked(latheLikeness_);
export const shapeStory = /* @__PURE__ */ checked(shapeStory_);
