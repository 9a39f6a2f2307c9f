import type { JobKind } from '../model/kind';

/** A part that is an eccentric and has no taper. */
export const ECCENTRIC: JobKind = {
  id: 'eccentric',
  stages: {
    way: () => import('../eccentric/EccentricWay.vue'),
    set: () => import('../eccentric/EccentricSet.vue'),
    prove: () => import('../eccentric/EccentricProve.vue'),
  },
  passes: () => import('../eccentric/EccentricCut.vue'),
  figures: () => import('../eccentric/EccentricFigures.vue'),
  props: (model) => ({ part: model.eccentric.value }),
  beginsAt: ({ chosen }) => (chosen ? 'set' : 'part'),
};
