<script setup lang="ts">
import { EDGE_FINDER, setScrew, type EccentricPart } from '@anello/core/eccentric';
import { count, degrees, length, TENTH_OF_DEGREE } from '@anello/core/figure';
import { tapDrill, threadNamed, USUAL_ENGAGEMENT } from '@anello/core/thread';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { NOTHING_TRIED, tried } from '../model/tried';
import DrillFigure from '../../ui/DrillFigure.vue';
import FigureText from '../../ui/FigureText.vue';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';

/** The set-screw that holds the hub to its shaft: where its hole goes, what to drill, and whether the wall holds it. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const kit = useKit();
const preferences = usePreferences();
const typed = computed(() => props.desk.choice.value.screw ?? '');
const screw = computed(() => {
  const { bore, hub, phase } = props.part;
  if (!hub || bore === null || typed.value.trim() === '') return NOTHING_TRIED;
  return tried(() => {
    const thread = threadNamed(typed.value);
    const { owned, exact } = tapDrill({ thread, engagement: USUAL_ENGAGEMENT, drills: kit.core.drills });
    return {
      hole: setScrew({ hub: hub.diameter, bore, thread, phase, finder: EDGE_FINDER }),
      drill: owned?.drill ?? exact,
    };
  }, preferences.units);
});
const type = (text: string): void => props.desk.change({ screw: text.trim() ? text : undefined });
</script>

<template>
  <v-text-field
    label="Set-screw: M6, 1/4 BSW"
    class="figures-in"
    autocomplete="off"
    :model-value="typed"
    :error-messages="screw.said"
    @update:model-value="type"
  />
  <p v-if="screw.found" class="quiet">
    Square to the throw, <FigureText :figure="degrees(screw.found.hole.direction, TENTH_OF_DEGREE)" /> round.
    Edge finder <FigureText :figure="length(EDGE_FINDER, 0.1)" />: from touching the hub’s side move
    <FigureText :figure="length(screw.found.hole.fromEdge, 0.01)" />. Drill ⌀<DrillFigure
      :diameter="screw.found.drill"
    />; the wall of <FigureText :figure="length(screw.found.hole.wall, 0.01)" /> gives
    <FigureText :figure="count(screw.found.hole.turns, 0.1)" /> turns{{
      screw.found.hole.strongEnough ? '.' : ': too few, it will strip.'
    }}
  </p>
</template>
