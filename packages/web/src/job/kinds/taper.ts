import type { JobKind } from '../model/kind';

/** A taper; and a part with nothing yet that Anello has a way for, which its stages say. */
export const TAPER: JobKind = {
  id: 'taper',
  stages: {},
  passes: () => import('../cut/PassesView.vue'),
  ready: ({ taper }) => taper.value !== null,
  props: () => ({}),
  beginsAt: ({ settings }) => (settings > 0 ? 'cut' : 'part'),
};
