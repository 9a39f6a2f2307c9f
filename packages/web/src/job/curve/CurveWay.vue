<script setup lang="ts">
import { compareCurveWays } from '@anello/core/ways';
import { computed } from 'vue';
import { useCurve } from './useCurve';
import { useJobModel } from '../model/useJobModel';
import { useWayChoice } from '../way/useWayChoice';
import WayCards from '../way/WayCards.vue';

/** A drawing to follow, steps of two handles, a tool of its shape: what each takes on this lathe. */
const model = useJobModel();
const { pieces, plunge, member, length, choice, choose } = useCurve();
const found = computed(() => {
  const dial = model.lathe.value?.dial;
  return dial
    ? compareCurveWays({
        pieces: pieces.value,
        plunge: plunge.value,
        member: member.value,
        noseRadius: length('nose'),
        stylusRadius: length('stylus'),
        ridge: length('ridge'),
        longest: length('longest'),
        stickOut: length('stickOut'),
        division: dial.division,
        reads: dial.reads,
      })
    : null;
});
const desk = {
  ways: computed(() => found.value?.assessments ?? []),
  recommended: computed(() => found.value?.recommended ?? null),
  chosen: computed(() => choice.value.way ?? null),
  choose,
};
useWayChoice(desk);
</script>

<template>
  <WayCards
    :desk="desk"
    none="The curve is not settled yet: its points want their figures on the Part stage."
  />
</template>
