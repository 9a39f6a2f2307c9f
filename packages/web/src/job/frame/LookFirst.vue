<script setup lang="ts">
import type { Phrase } from '@anello/core/figure';
import PhraseText from '../../ui/PhraseText.vue';

/** What a good hand looks at before the shape in hand is worked, opened from the strip. */
defineProps<{ checks: readonly Phrase[] }>();
</script>

<template>
  <v-menu location="top end" :close-on-content-click="false">
    <template #activator="{ props: activator }">
      <v-btn v-bind="activator" class="look">Look first · {{ checks.length }}</v-btn>
    </template>
    <section class="list sheet" aria-label="Look first">
      <ul>
        <li v-for="(check, index) in checks" :key="index"><PhraseText :phrase="check" /></li>
      </ul>
      <p class="quiet">The machine’s manual and the shop’s rules come first.</p>
    </section>
  </v-menu>
</template>

<style scoped>
.look {
  position: absolute;
  right: 14px;
  bottom: 10px;
}
@media (max-width: 860px) {
  .look {
    position: static;
    margin: 8px 10px;
  }
}
.list {
  padding: 14px 18px;
  max-width: 460px;
}
ul {
  margin: 0 0 8px;
  padding-left: 20px;
  font-size: 17px;
  display: grid;
  gap: 6px;
}
</style>
