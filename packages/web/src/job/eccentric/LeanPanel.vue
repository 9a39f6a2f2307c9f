<script setup lang="ts">
import { useStageScreen } from '../model/useStageScreen';
import { HOLD_METHODS, type HoldMethod } from '../cut/holdMethods';
import HoldRounds from '../cut/HoldRounds.vue';

/** A second station tells a throw that leans from one that is only wrong in size. */
const method = HOLD_METHODS.find((m) => m.id === 'near-far') as HoldMethod;
useStageScreen({});
</script>

<template>
  <div class="alone">
    <article class="sheet panel">
      <h2>Does it lean?</h2>
      <p class="quiet">
        The same throw at both stations: it runs parallel. A difference is tilt, and no jaw screw cures it:
        tap it, or clean the jaws.
      </p>
      <HoldRounds :method="method" />
    </article>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
