import { checked } from '../basics/publicFace';
import { copyTaper as copyTaper_ } from './registry';

export { COPY_METHODS, type Copied } from './registry';
export { COPY_IDS, type CopyInput, type CopyMethod } from './copyMethod';

export const copyTaper = /* @__PURE__ */ checked(copyTaper_);
