<script setup lang="ts">
import type { TakenAs } from '@anello/contract';
import { computed } from 'vue';
import MethodPicks from '../../ui/MethodPicks.vue';
import { differsIn, asShown, keyOf, sortName, type Differ, type ShopFileDesk } from './useShopFile';

/** What is new in a file, what is here already, and what differs: nothing is written until somebody says so. */
const props = defineProps<{ desk: ShopFileDesk }>();
const would = computed(() => props.desk.compared.value?.would ?? null);
const differ = computed(() => asShown(would.value?.differ ?? []));
const few = (names: readonly string[]): string =>
  names.length <= 8 ? names.join(', ') : `${names.slice(0, 8).join(', ')} and ${names.length - 8} more`;
const counts = computed(() => {
  const now = would.value;
  if (!now) return [];
  return [
    { title: 'New', count: now.added.length, says: few(now.added) },
    { title: 'Here already, the same', count: now.same.length, says: '' },
    { title: 'Different', count: now.differ.length, says: '' },
    { title: 'Records and settings', count: now.kept, says: 'kept things that are not here' },
    { title: 'Photos', count: now.photos, says: '' },
  ].filter(({ count, title }) => count > 0 || title === 'New');
});
const left = computed(() => {
  const { withoutJob = 0, different = 0, photos = 0 } = would.value?.left ?? {};
  return withoutJob + different + photos;
});
const choices = ({ name, beside }: Differ): { id: TakenAs; title: string }[] => [
  { id: 'beside', title: `Beside mine, as ${beside ?? name}` },
  { id: 'left', title: 'Leave it out' },
  { id: 'over', title: 'In the place of mine' },
];
const over = computed(() => Object.values(props.desk.choices).filter((as) => as === 'over').length);
</script>

<template>
  <section v-if="would" class="compared" aria-label="The file, compared with what is here">
    <h3>
      <span class="fig">{{ desk.compared.value?.name }}</span> against this shop: nothing is written yet
    </h3>
    <dl class="counts">
      <div v-for="{ title, count, says } in counts" :key="title">
        <dt>{{ title }}</dt>
        <dd class="fig">{{ count }}</dd>
        <dd v-if="says" class="quiet says">{{ says }}</dd>
      </div>
    </dl>
    <ul v-if="differ.length" class="differ">
      <li v-for="one in differ" :key="keyOf(one)">
        <div>
          <strong>{{ sortName(one.sort) }} {{ one.name }}</strong>
          <p class="quiet">differs in {{ differsIn(one.where) }}</p>
        </div>
        <MethodPicks
          :model-value="desk.choices[keyOf(one)] ?? 'beside'"
          :label="`What becomes of ${one.name}`"
          :methods="choices(one)"
          @update:model-value="(as: string) => desk.choose(one, as as TakenAs)"
        />
      </li>
    </ul>
    <p v-if="left" class="quiet">
      {{ left }} rows or photos cannot be taken in: they are of jobs that are not here, say something else
      under a name that is here, or are not whole.
    </p>
    <p v-if="over" class="over" role="status">
      {{ over === 1 ? 'One of mine is' : `${over} of mine are` }} written over. What was kept of it stays; its
      earlier form is in the copies of the book alone.
    </p>
    <div class="row">
      <v-btn class="go" :loading="desk.busy.value" @click="desk.takeIn()">Take it in</v-btn>
      <v-btn @click="desk.leave()">Leave it</v-btn>
    </div>
  </section>
</template>

<style scoped>
.compared {
  border: 2px solid var(--blue);
  border-radius: var(--radius);
  padding: 14px 16px;
  display: grid;
  gap: 14px;
}
h3 {
  font-size: 17px;
  font-weight: 650;
  overflow-wrap: anywhere;
}
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 40px;
  margin: 0;
}
dt {
  font-size: 14px;
  color: var(--ink-2);
}
dd {
  margin: 0;
  font-size: 26px;
  font-weight: 600;
}
dd.says {
  max-width: 420px;
  font-size: 14px;
  font-weight: 400;
}
.differ {
  list-style: none;
  margin: 0;
  padding: 0;
}
.differ li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: center;
  justify-content: space-between;
  padding: 10px 0;
  border-top: 1px solid var(--rule);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.over {
  color: var(--red);
}
</style>
