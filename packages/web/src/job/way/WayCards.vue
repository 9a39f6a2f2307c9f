<script setup lang="ts" generic="W extends WayCardFacts">
import { computed } from 'vue';
import type { WayCardFacts, WayChoiceDesk } from './useWayChoice';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import RuledOut from './RuledOut.vue';

/** Ways side by side: the figure each is set to, what to know of it, the one recommended, and what will not work. */
const props = defineProps<{ desk: WayChoiceDesk<W>; /** Said when there is none at all. */ none: string }>();
const ways = computed(() => props.desk.ways.value);
const works = computed(() => ways.value.filter((a) => a.blockers.length === 0));
const ruledOut = computed(() => ways.value.filter((a) => a.blockers.length > 0));
const chosen = computed(() => props.desk.chosen.value);
const best = computed(() => props.desk.recommended.value);
</script>

<template>
  <div class="ways">
    <NoticeText v-if="works.length === 0" tone="bad">{{ none }}</NoticeText>
    <div class="cards">
      <article
        v-for="way in works"
        :key="way.id"
        class="sheet card"
        :class="{ chosen: way.id === chosen }"
        :aria-label="way.title"
      >
        <header>
          <h2>{{ way.title }}</h2>
          <span v-if="way.id === best" class="best">recommended</span>
        </header>
        <p class="label">{{ way.settingLabel }}</p>
        <p class="big"><FigureText :figure="way.setting" large /></p>
        <ul class="quiet">
          <li v-for="(note, index) in way.notes" :key="index"><PhraseText :phrase="note" /></li>
        </ul>
        <v-btn
          :class="{ go: chosen === null && way.id === best }"
          :aria-pressed="way.id === chosen"
          @click="desk.choose(way.id)"
          >{{ way.id === chosen ? 'Chosen' : 'Choose it' }}</v-btn
        >
      </article>
    </div>
    <RuledOut :ways="ruledOut" />
  </div>
</template>

<style scoped src="./wayCards.css"></style>
