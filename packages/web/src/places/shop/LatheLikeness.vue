<script setup lang="ts">
import { holdsNow } from '@anello/core/memory';
import { computed, watch } from 'vue';
import { ago } from './amounts';
import LikenessStrip from './LikenessStrip.vue';
import { changeOf, scatterOf, titleOf, valueOf } from './likenessWords';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useLikeness } from '../../data/stores/likeness';
import { useChanges } from '../../data/live';

/** What a lathe is like, as its own records have it: scales, what its tools take, what was lost on it and why. */
const props = defineProps<{ id: string }>();
const likeness = useLikeness();
const said = computed(() => likeness.of(props.id));
watch(
  () => props.id,
  (id) => void likeness.ask(id),
  { immediate: true },
);
useChanges(['record', 'all'], () => void likeness.ask(props.id));
</script>

<template>
  <section v-if="said && said.shapes > 0" class="sheet likeness" aria-label="What its records say">
    <header>
      <h2>What its records say</h2>
      <p class="quiet">
        from {{ said.shapes }} {{ said.shapes === 1 ? 'shape' : 'shapes' }}: {{ said.accepted }} accepted,
        {{ said.scrapped }} scrapped
      </p>
    </header>
    <div class="figures">
      <article v-for="figure in said.figures" :key="`${figure.kind}-${figure.device}`">
        <h3>{{ titleOf(figure) }}</h3>
        <p>
          <span class="big fig"><PhraseText :phrase="valueOf(figure, holdsNow(figure).value)" /></span>
          <span class="quiet"
            ><PhraseText :phrase="scatterOf(figure)" />, last {{ ago(figure.points.at(-1)!.at) }}</span
          >
        </p>
        <NoticeText v-if="changeOf(figure)" tone="warn"
          ><PhraseText :phrase="changeOf(figure)!"
        /></NoticeText>
        <LikenessStrip :figure="figure" :label="`${titleOf(figure)}, job by job`" />
        <p class="jobs">
          <router-link
            v-for="point in figure.points.slice(-4)"
            :key="point.at"
            :to="`/job/${point.jobId}/record`"
            ><span class="fig">{{ point.number }}</span></router-link
          >
        </p>
      </article>
    </div>
    <template v-if="said.lost.length">
      <h3>Lost on it, and why</h3>
      <ul>
        <li v-for="one in said.lost" :key="`${one.jobId}-${one.at}`">
          <router-link :to="`/job/${one.jobId}/record`"
            ><span class="fig">{{ one.number }}</span></router-link
          >
          <span>{{ one.cause }}</span>
          <span class="quiet">{{ ago(one.at) }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.likeness {
  padding: 16px 18px;
  display: grid;
  gap: 12px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
}
h3 {
  font-size: 15.5px;
  font-weight: 650;
}
h3::first-letter {
  text-transform: uppercase;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(330px, 100%), 1fr));
  gap: 18px 28px;
}
article {
  display: grid;
  gap: 6px;
  align-content: start;
}
.big {
  font-size: 28px;
  font-weight: 650;
  margin-right: 12px;
}
.jobs {
  display: flex;
  gap: 14px;
  font-size: 14.5px;
}
.jobs a,
li a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 2px 14px;
  align-items: center;
  padding: 3px 0;
}
li + li {
  border-top: 1px solid var(--rule);
}
@media (max-width: 520px) {
  li {
    grid-template-columns: auto minmax(0, 1fr);
  }
  li :last-child {
    grid-column: 2;
  }
}
</style>
