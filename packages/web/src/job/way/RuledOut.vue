<script setup lang="ts">
import type { Phrase } from '@anello/core/figure';
import PhraseText from '../../ui/PhraseText.vue';

/** Ways that do not work here, each with its reasons. */
defineProps<{
  ways: readonly { readonly id: string; readonly title: string; readonly blockers: readonly Phrase[] }[];
}>();
</script>

<template>
  <section v-if="ways.length" aria-label="What will not work here">
    <h2>What will not work here</h2>
    <ul class="out sheet">
      <li v-for="way in ways" :key="way.id">
        <strong>{{ way.title }}</strong>
        <span class="why"
          ><template v-for="(blocker, index) in way.blockers" :key="index"
            ><PhraseText :phrase="blocker" />{{ ' ' }}</template
          ></span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
  font-weight: 650;
}
.out {
  list-style: none;
  margin: 6px 0 0;
  padding: 4px 16px;
}
.out li {
  display: grid;
  grid-template-columns: minmax(190px, 0.4fr) 1fr;
  gap: 4px 16px;
  padding: 10px 0;
}
.out li + li {
  border-top: 1px solid var(--rule);
}
.why {
  color: var(--red);
}
@media (max-width: 680px) {
  .out li {
    grid-template-columns: 1fr;
  }
}
</style>
