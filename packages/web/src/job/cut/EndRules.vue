<script setup lang="ts">
import { shankEnds } from '@anello/core/part';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import PhraseText from '../../ui/PhraseText.vue';

/** Tang, undercut and shoulder beside a shank: what they must clear on this one. */
const model = useJobModel();
const rules = computed(() => {
  const { value: taper } = model.taper;
  return taper ? shankEnds(taper.task, taper.solved) : [];
});
</script>

<template>
  <section v-if="rules.length" class="rules sheet">
    <h2>Beside this shank</h2>
    <dl>
      <template v-for="rule in rules" :key="rule.what">
        <dt>{{ rule.what }}</dt>
        <dd><PhraseText :phrase="rule.must" />.</dd>
      </template>
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
