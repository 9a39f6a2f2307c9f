import type { JobKind } from '../model/kind';

/** A curve, or a set of grooves. */
export const CURVE: JobKind = {
  id: 'curve',
  stages: {
    way: () => import('../curve/CurveWay.vue'),
    set: () => import('../curve/CurveSet.vue'),
    prove: () => import('../curve/CurveProve.vue'),
  },
  passes: () => import('../curve/CurveCut.vue'),
  props: () => ({}),
  beginsAt: ({ chosen }) => (chosen ? 'cut' : 'part'),
};
