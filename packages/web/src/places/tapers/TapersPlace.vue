<script setup lang="ts">
import { findTapers, shopSeries, taperSeries, TAPER_SERIES, type TaperSize } from '@anello/core/taper';
import { useTimeout } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import ShopTaperForm from './ShopTaperForm.vue';
import TaperSheet from './TaperSheet.vue';
import { useKit } from '../../data/stores/kit';

/** Every standard taper, to look up and to use in a job. */
const props = defineProps<{ series?: string; size?: string }>();
const search = ref('');
const kit = useKit();
onMounted(() => void (kit.loaded || kit.load()));
/** The shop's own stand first: the tables wait a moment for them, so as not to be pushed down under the finger. */
const waited = useTimeout(500);
const ready = computed(() => kit.loaded || waited.value);
const all = computed(() => [shopSeries(kit.sizes), ...TAPER_SERIES]);
const saving = ref(false);

const matched = computed(() => findTapers(search.value, [shopSeries(kit.sizes)]));
const isNear = computed(() => matched.value.found.length === 0 && matched.value.near.length > 0);
/** The tables with what matches in them: as they are offered, or where something was typed the likeliest first. */
const shown = computed(() => {
  const sizes = isNear.value ? matched.value.near : matched.value.found;
  const inOrder = search.value.trim() ? [...new Set(sizes.map((s) => s.series))] : all.value.map((s) => s.id);
  return inOrder
    .flatMap((id) => all.value.find((series) => series.id === id) ?? [])
    .map((series) => ({ ...series, sizes: sizes.filter((s) => s.series === series.id) }))
    .filter((series) => series.sizes.length > 0);
});
const picked = computed<TaperSize | null>(() => {
  const series = all.value.find((s) => s.id === props.series);
  return (
    series?.sizes.find((s) => s.size === props.size) ??
    (props.series ? null : (TAPER_SERIES[0]?.sizes.find((s) => s.size === '3') ?? null))
  );
});
/** A name is what tells the shop's own apart; a table's are known by their number. */
const shortName = (size: TaperSize): string => (size.series === 'shop' ? size.name : size.size);
const to = (size: TaperSize): string => `/tapers/${size.series}/${encodeURIComponent(size.size)}`;
</script>

<template>
  <main class="tapers">
    <section class="list" aria-label="The tables">
      <header class="top">
        <h1>Tapers</h1>
        <v-btn to="/identify">Copy an old part</v-btn>
        <v-btn @click="saving = true">Save our own</v-btn>
      </header>
      <v-text-field
        v-model="search"
        label="Find: mt4, iso 40, b&s 9, 1 in 50"
        clearable
        autocomplete="off"
        @click:clear="search = ''"
      />
      <p v-if="shown.length === 0" class="quiet">
        No taper in the tables matches that. If the drawing has it, save it as our own.
      </p>
      <p v-else-if="isNear" class="quiet">Nothing fits all of that; these are near.</p>
      <section v-for="group in ready ? shown : []" :key="group.id">
        <h2>
          {{ group.title }} <span class="quiet">{{ group.standard }}</span>
        </h2>
        <p class="sizes">
          <router-link
            v-for="one in group.sizes"
            :key="one.size"
            :to="to(one)"
            class="fig size"
            :aria-label="one.name"
            :class="{ on: picked?.series === one.series && picked.size === one.size }"
            >{{ shortName(one) }}</router-link
          >
        </p>
      </section>
    </section>
    <TaperSheet
      v-if="picked"
      :key="`${picked.series}/${picked.size}`"
      :size="picked"
      :series="taperSeries(picked.series)"
    />
    <section v-else-if="ready" class="none"><h2>There is no such taper in the tables</h2></section>
    <ShopTaperForm v-model="saving" />
  </main>
</template>

<style scoped>
.tapers {
  display: grid;
  grid-template-columns: minmax(300px, 0.9fr) minmax(0, 1.3fr);
  min-height: 0;
  height: 100%;
}
.list {
  padding: 20px 22px 32px 26px;
  overflow-y: auto;
  display: grid;
  gap: 14px;
  align-content: start;
}
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
h1 {
  margin-right: auto;
  font-size: 26px;
  font-weight: 650;
}
h2 {
  font-size: 16px;
  font-weight: 650;
}
h2 span {
  font-weight: 400;
  font-size: 14px;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
}
.size {
  min-width: 48px;
  min-height: 48px;
  padding: 0 10px;
  display: grid;
  place-items: center;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  background: var(--sheet);
  text-decoration: none;
  font-size: 16px;
}
.size.on {
  border: 2px solid var(--blue);
  color: var(--blue);
  font-weight: 700;
}
.none {
  padding: 28px;
}
@media (max-width: 860px) {
  .tapers {
    grid-template-columns: minmax(0, 1fr);
    overflow-y: auto;
  }
  .list {
    overflow: visible;
    padding: 14px 12px;
    order: 2;
  }
}
</style>
