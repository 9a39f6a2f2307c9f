<script setup lang="ts">
import { angle, length } from '@anello/core/figure';
import type { PinBlockDesign, PinBlockWish } from '@anello/core/kit';
import FigureText from '../../ui/FigureText.vue';

/** Where each hole goes, as the mill's readout shows it, and the angle its rounding leaves. */
defineProps<{ wish: PinBlockWish; design: PinBlockDesign }>();
const ARC_TENTH = Math.PI / 180 / 3600 / 10;
</script>

<template>
  <div class="scroll">
    <table class="sheet">
      <thead>
        <tr>
          <th scope="col">Hole</th>
          <th scope="col">Along</th>
          <th scope="col">Across</th>
          <th scope="col">Rounding leaves</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">0 · origin, from the corner</th>
          <td><FigureText :figure="length(design.origin.x, wish.resolution)" /></td>
          <td><FigureText :figure="length(design.origin.y, wish.resolution)" /></td>
          <td />
        </tr>
        <tr v-for="(hole, index) in design.holes" :key="hole.name">
          <th scope="row">{{ index + 1 }} · {{ hole.name }}</th>
          <td><FigureText :figure="length(hole.x, wish.resolution)" /></td>
          <td><FigureText :figure="length(hole.y, wish.resolution)" /></td>
          <td><FigureText :figure="angle(hole.angleError, ARC_TENTH)" /></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="../../ui/figureTable.css"></style>
