<script setup lang="ts">
import { length } from '@anello/core';
import { computed } from 'vue';
import { useJobModel } from '../../composables/useJobModel';
import FigureText from '../../parts/FigureText.vue';

/** Tang, undercut and shoulder beside a shank: what they must clear on this one. */
const model = useJobModel();
const solved = computed(() => model.taper.value?.solved ?? null);
const task = computed(() => model.taper.value?.task ?? null);
/** An undercut is kept this far under the cone it runs into, so that nothing but the cone seats. */
const UNDER = 0.5;
</script>

<template>
  <section v-if="task && solved && task.member === 'external'" class="rules sheet">
    <h2>Beside this shank</h2>
    <dl>
      <dt>Undercut at the large end</dt>
      <dd>
        under ⌀<FigureText :figure="length(task.largeDiameter - 2 * UNDER, 0.1)" />, so that the tool runs out
        and the socket’s mouth never meets a corner
      </dd>
      <dt>Shoulder</dt>
      <dd>
        must clear the sleeve’s face while the cone seats:
        <FigureText :figure="length(solved.beyondGauge, 0.1)" /> beyond the gauge line here
      </dd>
      <dt>Tang, where it has one</dt>
      <dd>
        its flats lie under the small end, ⌀<FigureText :figure="length(task.smallDiameter, 0.1)" />; it
        drives nothing unless the cone seats first
      </dd>
    </dl>
  </section>
</template>

<style scoped>
.rules {
  padding: 14px 20px;
}
h2 {
  font-size: 19px;
  font-weight: 650;
}
dt {
  font-weight: 650;
  margin-top: 6px;
}
dd {
  margin: 0;
}
</style>
