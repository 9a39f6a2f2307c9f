<script setup lang="ts">
import { salvageWays } from '@anello/core/gauging';
import type { TaperTask } from '@anello/core/taper';
import { computed } from 'vue';
import PhraseText from '../../../ui/PhraseText.vue';

/** Gone past its line: what may still save it and what that costs, or that it is scrap. */
const props = defineProps<{ task: TaperTask; /** Along the axis, mm. */ past: number; allowed: number }>();
const ways = computed(() =>
  salvageWays({
    member: props.task.member,
    past: props.past,
    allowed: props.allowed,
    taperLength: props.task.length,
  }),
);
</script>

<template>
  <div class="past">
    <template v-if="ways.length">
      <p>It cannot be put back, but it may be saved, if the drawing allows:</p>
      <ul>
        <li v-for="way in ways" :key="way.title">
          <strong>{{ way.title }}.</strong> <PhraseText :phrase="way.costs" />
        </li>
      </ul>
    </template>
    <p v-else>Too far past to face back: it is scrap, or wants a smaller mate. Record its cause.</p>
    <p class="quiet">
      For the next piece: try it earlier, and accept a smaller chance of going past while it comes near.
    </p>
  </div>
</template>

<style scoped>
.past {
  color: var(--red);
  font-weight: 600;
  max-width: 64ch;
}
</style>
