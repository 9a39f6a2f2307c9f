import { checked } from '../basics/publicFace';
import { shapeStory as shapeStory_ } from './shapeStory';

export type { ShapeStory, StorySetting } from './shapeStory';

export const shapeStory = /* @__PURE__ */ checked(shapeStory_);
