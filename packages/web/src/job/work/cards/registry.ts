import type { Card } from '@anello/core/plan';
import { defineAsyncComponent, type Component } from 'vue';
import FiguresCardView from './FiguresCardView.vue';

/** What each kind of card is shown by; a new one is a file beside these and its line here. */
const VIEWS: Readonly<Record<Card['kind'], Component>> = {
  figures: FiguresCardView,
  diameter: defineAsyncComponent(() => import('./DiameterCardView.vue')),
  hole: defineAsyncComponent(() => import('./HoleCardView.vue')),
  place: defineAsyncComponent(() => import('./PlaceCardView.vue')),
  thread: defineAsyncComponent(() => import('./ThreadCardView.vue')),
  stairs: defineAsyncComponent(() => import('./StairsCardView.vue')),
  shape: defineAsyncComponent(() => import('./ShapeCardView.vue')),
};

export const cardView = ({ kind }: Card): Component => VIEWS[kind];
