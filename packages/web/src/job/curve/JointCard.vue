<script setup lang="ts">
import { pairJoint, type CurvePoint } from '@anello/core/curve';
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useJobModel } from '../model/useJobModel';
import { useMeasuredPlaces } from '../model/useMeasuredPlaces';
import JointChart from './JointChart.vue';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PlacesBox from '../shared/PlacesBox.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';

/** The gap along the joint of plug and socket, both measured, and the shift that explains it. */
const props = defineProps<{ desk: CurveDesk; own: readonly CurvePoint[] }>();
const job = useJob();
const model = useJobModel();
const preferences = usePreferences();
const mate = useMeasuredPlaces(() => `mate.${model.key.value}.${job.piece}`);
const clearance = computed(() => props.desk.length('mateClearance'));
const external = computed(() => props.desk.member.value === 'external');
const LEAST = 3;
const found = computed(() => {
  const { value: pieces } = props.desk.pieces;
  const its = mate.read.value.places;
  if (!pieces || props.own.length < LEAST || its.length < LEAST) return NOTHING_TRIED;
  const [plug, socket] = external.value ? [props.own, its] : [its, props.own];
  const member = props.desk.member.value;
  return tried(
    () => pairJoint({ pieces, member, clearance: clearance.value, plug, socket }),
    preferences.units,
  );
});
const joint = computed(() => found.value.found);
async function keep(): Promise<void> {
  if (!joint.value) return;
  const { places, least, most, shift, room } = joint.value;
  await model.keepAndOffer({
    kind: 'joint',
    places: places.length,
    clearance: clearance.value,
    least: least.gap,
    at: least.z,
    most: most.gap,
    shift,
    room,
  });
}
</script>

<template>
  <article class="sheet panel" aria-label="The joint">
    <h2>The joint with its {{ external ? 'socket' : 'plug' }}</h2>
    <div class="halves">
      <PlacesBox :places="mate" :label="`The ${external ? 'socket' : 'plug'}: along, diameter`" />
      <div v-if="joint" role="status">
        <p class="label">Tightest gap</p>
        <p class="big"><FigureText :figure="length(joint.least.gap, 0.001)" large /></p>
        <p class="quiet">
          <FigureText :figure="length(joint.least.z, 0.1)" /> along; widest
          <FigureText :figure="length(joint.most.gap, 0.001)" />, wanted
          <FigureText :figure="length(clearance, 0.001)" /> all along
        </p>
      </div>
    </div>
    <NoticeText v-if="mate.read.value.problem || found.said" tone="bad">{{
      mate.read.value.problem || found.said
    }}</NoticeText>
    <template v-if="joint">
      <JointChart :joint="joint" :clearance="clearance" />
      <NoticeText v-if="joint.least.gap <= 0" tone="bad"
        >Metal meets metal there: blue it before anything is forced.</NoticeText
      >
      <p>
        <template v-if="joint.shifted"
          >It looks like the plug standing
          <strong><FigureText :figure="length(Math.abs(joint.shift), 0.01)" /></strong> too far toward the
          {{ joint.shift > 0 ? 'tailstock' : 'headstock' }}: its drawing crept, or it seats short.
        </template>
        <template v-else>No shift along is to be seen. </template>
        Evenly it has <FigureText :figure="length(joint.room, 0.01, { signed: true })" /> of room on diameter
        against the clearance; beyond both, <FigureText :figure="length(joint.left, 0.001)" /> at the worst.
      </p>
      <p class="row"><v-btn @click="keep">Keep the joint</v-btn></p>
    </template>
    <p v-else-if="!found.said" class="quiet">Three places of each half, and the gap is drawn here.</p>
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(240px, 100%), 1fr));
  gap: 16px;
}
</style>
