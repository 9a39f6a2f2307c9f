<script setup lang="ts">
import { coreFeatures, type FeatureDocument } from '@anello/contract';
import { length } from '@anello/core/figure';
import { limitsOf } from '@anello/core/part';
import { computed, ref } from 'vue';
import DocumentForm from '../../ui/DocumentForm.vue';
import FigureText from '../../ui/FigureText.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { tried } from '../model/tried';
import { limitFieldsOf } from './featureFields';

/** What a feature may be: said in a line, and opened to be changed. */
const props = defineProps<{ feature: FeatureDocument; errors: Readonly<Record<string, string>> }>();
const emit = defineEmits<{ change: [key: string, next: unknown] }>();
const job = useJob();
const preferences = usePreferences();
const fields = computed(() => limitFieldsOf(props.feature));
const wrong = computed(() => fields.value.some((f) => props.errors[f.key]));
const opened = ref(false);
const open = computed(() => opened.value || wrong.value);
const limits = computed(() => {
  const [core] = coreFeatures([props.feature]);
  return core ? tried(() => limitsOf(core), preferences.units).found : null;
});
const BY = { fit: 'by its fit', drawing: 'as drawn', general: 'nothing said: medium general limits' };
</script>

<template>
  <section class="limits" :aria-label="`How good ${feature.name} is to be`">
    <button type="button" class="plain now" :aria-expanded="open" @click="opened = !opened">
      <template v-if="limits"
        >May be <FigureText :figure="length(limits.least, 0.001)" /> to
        <FigureText :figure="length(limits.most, 0.001)" /> <span class="quiet">{{ BY[limits.by] }}</span>
      </template>
      <template v-else>How good it is to be</template>
    </button>
    <div v-if="open" class="grid">
      <DocumentForm
        :object="feature"
        :fields="fields"
        :draft-key="`${job.id}.${feature.id}`"
        :errors="errors"
        @change="(key, next) => emit('change', key, next)"
      />
    </div>
  </section>
</template>

<style scoped>
.now {
  min-height: 48px;
  text-align: left;
  color: var(--ink);
}
.now:hover {
  text-decoration: underline;
}
.grid {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 12px;
  padding-top: 8px;
  align-items: start;
}
@media (max-width: 420px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
