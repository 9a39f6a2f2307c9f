<script setup lang="ts">
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { entry, type Entry } from '@anello/contract';
import { count, length } from '@anello/core/figure';
import {
  tapDrill,
  tappedHole,
  USUAL_ENGAGEMENT,
  usualThreadLength,
  type VeeThread,
} from '@anello/core/thread';
import { computed, onMounted } from 'vue';
import DrillFigure from '../../ui/DrillFigure.vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { useKit } from '../../data/stores/kit';
import ThreadLimitsLine from './ThreadLimitsLine.vue';

/** A tapped hole, as for a drawbar: which drill, how deep, and the counterbore that keeps bruises off its first thread. */
const props = defineProps<{ title: string; thread: VeeThread; threaded: number | null }>();
const kit = useKit();
onMounted(() => void (kit.loaded || kit.load()));
const PERCENT = 100;
const wanted = useHeld<Entry>(HELD.engagement, entry(String(USUAL_ENGAGEMENT * PERCENT), 'number'));
const sensible = computed(() => wanted.value.value > 0 && wanted.value.value <= PERCENT);
const found = computed(() =>
  sensible.value
    ? tapDrill({ thread: props.thread, engagement: wanted.value.value / PERCENT, drills: kit.core.drills })
    : null,
);
const deep = computed(() => props.threaded ?? usualThreadLength(props.thread));
const drill = computed(() => found.value?.owned?.drill ?? found.value?.exact ?? 0);
const hole = computed(() =>
  drill.value > 0 ? tappedHole({ thread: props.thread, length: deep.value, drill: drill.value }) : null,
);
</script>

<template>
  <article class="sheet panel">
    <h2>{{ title }}</h2>
    <div class="figures">
      <div v-if="found">
        <p class="label">{{ found.owned ? 'Tapping drill, owned' : 'Tapping drill, none owned near it' }}</p>
        <p class="big"><DrillFigure :diameter="drill" large /></p>
        <p class="quiet">
          <template v-if="found.owned"
            ><FigureText :figure="count(found.owned.engagement * PERCENT)" /> % engaged;
          </template>
          exactly <FigureText :figure="length(found.exact, 0.01)" /> for
          <FigureText :figure="count(wanted.value)" /> %
        </p>
      </div>
      <div v-if="hole">
        <p class="label">Drill, full diameter, to</p>
        <p class="middle"><FigureText :figure="length(hole.drillDepth, 0.1)" /></p>
        <p class="quiet">
          its point reaches <FigureText :figure="length(hole.tip, 0.1)" />; full threads
          <FigureText :figure="length(deep, 0.1)" />
        </p>
      </div>
      <div v-if="hole">
        <p class="label">Counterbore</p>
        <p class="middle">
          ⌀<FigureText :figure="length(hole.counterbore.diameter, 0.1)" /> ×
          <FigureText :figure="length(hole.counterbore.depth, 0.1)" />
        </p>
        <p class="quiet">a bruised mouth then leaves the first thread alone</p>
      </div>
    </div>
    <QuantityField
      class="box"
      label="Engagement wanted, %"
      dimension="number"
      required
      :model-value="wanted"
      draft-key="thread.engagement"
      :error="sensible ? undefined : 'More than nothing, and no more than 100.'"
      @update:model-value="(next) => next && (wanted = next)"
    />
    <ThreadLimitsLine :thread="thread" side="internal" />
    <NoticeText v-if="hole && !hole.strongEnough" tone="warn"
      >Engaged by less than one diameter the hole may strip before the screw gives.</NoticeText
    >
    <p class="quiet">
      100 % is the whole overlap of nut and screw. Tap by hand from the tailstock centre, oil, back it out to
      break the chip; blow nothing out with air.
    </p>
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>
