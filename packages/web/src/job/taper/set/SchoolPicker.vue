<script setup lang="ts">
import type { SchoolChoice, SchoolId } from '@anello/core/setting';
import { ref } from 'vue';
import { useJobModel } from '../../model/useJobModel';
import { useWork } from '../../model/useWork';
import PhraseText from '../../../ui/PhraseText.vue';

/** The schools the chosen way can be set by; what stands in the way of one is said. */
const props = defineProps<{ open?: boolean }>();
const { edit } = useWork('taper');
const model = useJobModel();
const opened = ref(props.open);

function choose(school: SchoolChoice): void {
  const id: SchoolId = school.id;
  edit((work) => {
    if (work.way) work.way.school = id;
  });
  opened.value = false;
}
</script>

<template>
  <section v-if="model.schools.value.length > 1" class="schools" aria-label="How it is set">
    <button v-if="!opened" type="button" class="plain now" :aria-expanded="false" @click="opened = true">
      Set by <strong>{{ model.school.value?.title.toLowerCase() }}</strong><span class="other"
        >another way to set it</span
      >
    </button>
    <ul v-else>
      <li v-for="school in model.schools.value" :key="school.id">
        <button
          type="button"
          class="plain sheet one"
          :class="{ on: school.id === model.school.value?.id }"
          :aria-pressed="school.id === model.school.value?.id"
          :disabled="school.blocked !== null"
          @click="choose(school)"
        >
          <strong>{{ school.title }}</strong>
          <span v-if="school.blocked" class="blocked"><PhraseText :phrase="school.blocked" /></span>
          <span v-else class="quiet">{{ school.what }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.now {
  min-height: 48px;
  font-size: 15px;
  color: var(--ink-2);
}
.now strong {
  color: var(--ink);
}
.other {
  margin-left: 14px;
  color: var(--blue);
  text-decoration: underline;
  text-underline-offset: 3px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(270px, 100%), 1fr));
  gap: 8px;
}
.one {
  width: 100%;
  min-height: 72px;
  padding: 10px 14px;
  border: 1px solid var(--rule-2);
  background: var(--sheet);
  display: grid;
  gap: 2px;
  align-content: start;
  font-size: 14.5px;
}
.one strong {
  font-size: 16px;
}
.one.on {
  border: 2px solid var(--blue);
}
.one:disabled {
  background: transparent;
  cursor: default;
}
.blocked {
  color: var(--brass);
}
</style>
