<script setup lang="ts">
import {
  clearances,
  endOn,
  type Clearance,
  type EccentricPart,
  type ThrowSpeed,
} from '@anello/core/eccentric';
import { count, length } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { useJobModel } from '../model/useJobModel';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';

/** Before power: how fast at most, what pulls, and whether the high side clears everything it goes past. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart; speed: ThrowSpeed | null }>();
const model = useJobModel();
const reach = computed(() => endOn(props.part).swing / 2);
const PAST: Readonly<Record<Clearance['of'], string>> = {
  bed: 'the bed',
  slide: 'the cross-slide',
  tool: 'the tool and its holder, drawn back',
};
const checks = computed(() => {
  const { swing, swingOverSlide } = model.lathe.value ?? {};
  return clearances(props.part, { swing, swingOverSlide, tool: props.desk.choice.value.clear?.value });
});
</script>

<template>
  <article class="card sheet">
    <h2>Before power: swing it right round by hand</h2>
    <div v-if="speed" class="figures">
      <div>
        <p class="label">No faster than</p>
        <p class="big"><FigureText :figure="count(speed.set)" large /></p>
        <p class="quiet">
          turns a minute: the tool asks for <FigureText :figure="count(speed.byTool)" /> at most, balance for
          <template v-if="speed.byBalance !== null"><FigureText :figure="count(speed.byBalance)" /></template
          ><template v-else>any</template>
        </p>
      </div>
      <p v-if="speed.still && speed.byBalance === null" class="quiet">
        It runs in balance once all of it is cut; until then its throws pull.
      </p>
      <div v-else-if="speed.still">
        <p class="label">Out of balance</p>
        <p class="middle"><FigureText :figure="count(speed.pull, 0.01)" /> N</p>
        <p class="quiet">
          <FigureText :figure="count(speed.still.mass, 0.01)" /> kg,
          <FigureText :figure="length(speed.still.offset, 0.01)" /> off; half its own weight is the limit
          taken
        </p>
      </div>
    </div>
    <p v-else class="quiet">Say the material on the Part stage, and the speed it may turn at stands here.</p>
    <NoticeText v-if="speed?.tooFast" tone="bad"
      >Even this lathe’s slowest speed is faster than that: balance it with a counterweight, or do it on
      another machine.</NoticeText
    >
    <table>
      <thead>
        <tr>
          <th scope="col">The high side, out to <FigureText :figure="length(reach, 0.1)" />, clears</th>
          <th scope="col">by</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="check in checks" :key="check.of">
          <th scope="row">{{ PAST[check.of] }}</th>
          <td v-if="check.left === null" class="quiet">not said</td>
          <td v-else :class="{ warned: check.left <= 0 }">
            <FigureText :figure="length(check.left, 0.1)" />{{ check.left <= 0 ? ' : it strikes' : '' }}
          </td>
        </tr>
      </tbody>
    </table>
    <details v-if="speed?.still && speed.pulls.length">
      <summary>Pull at each speed of this lathe</summary>
      <table>
        <thead>
          <tr>
            <th scope="col">Turns a minute</th>
            <th scope="col">It pulls</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in speed.pulls" :key="one.rpm">
            <th scope="row"><FigureText :figure="count(one.rpm)" /></th>
            <td :class="{ warned: one.tooFast }">
              <FigureText :figure="count(one.pull, 0.01)" /> N{{ one.tooFast ? ', too fast' : '' }}
            </td>
          </tr>
        </tbody>
      </table>
    </details>
    <NoticeText tone="bad"
      >Guard closed, nothing loose, hand-turned a whole turn. An interrupted cut: stiff tool, small
      cuts<template v-if="speed">, feed <FigureText :figure="length(speed.feed, 0.01)" /> a turn</template>.
      The machine’s manual and the shop’s rules come first.</NoticeText
    >
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>
