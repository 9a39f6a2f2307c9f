<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import PieceDrawing from '../plan/PieceDrawing.vue';
import { cardView } from './cards/registry';
import HowItIsHeld from './HowItIsHeld.vue';
import MeasuresPanel from './MeasuresPanel.vue';
import OperationHead from './OperationHead.vue';
import { provideOperation } from './useOperation';
import { swingsIn } from '../cut/listen/swings';
import LastOperation from '../memory/LastOperation.vue';
import WorkBar from './WorkBar.vue';

/** One plain operation as it is worked: the piece as it stands, the figure, what is measured, and on to the next. */
const route = useRoute();
const job = useJob();
const id = computed(() => String(route.params['of'] ?? ''));
const desk = provideOperation(() => id.value);
const drawn = computed(() => {
  const { value } = desk.inHand;
  if (!value) return null;
  const { holding, before, after } = value;
  if (!value.operation.away) return { ...holding, before, after };
  // Away from the lathe nothing of it is drawn round the piece.
  return {
    ...holding,
    holding: { ...holding.holding, grips: null },
    drawn: 'jaws' as const,
    centres: [],
    drawbar: null,
    before,
    after,
  };
});
const ListenPanel = defineAsyncComponent(() => import('../cut/listen/ListenPanel.vue'));
/** What sounds so, while it is cut: asked for when it does. */
const listens = ref(false);
watch(id, () => (listens.value = false));
const swings = computed(() => {
  const { value } = desk.inHand;
  return value && !value.operation.away ? swingsIn(value, `${job.id}.${job.piece}`) : null;
});
/** A diameter asks for its own figures in the reading bar. */
const ownBar = computed(() => desk.inHand.value?.cards.some(({ card }) => card.kind === 'diameter') ?? false);
</script>

<template>
  <div v-if="desk.inHand.value && drawn" class="work">
    <WorkBar v-if="!ownBar" :desk="desk" />
    <PieceDrawing :held="drawn" wide class="piece" />
    <LastOperation :alike="desk.inHand.value.alike" />
    <div class="split">
      <section class="main" :aria-label="desk.inHand.value.operation.name">
        <OperationHead :desk="desk" :in-hand="desk.inHand.value" />
        <component
          :is="cardView(one.card)"
          v-for="one in desk.inHand.value.cards"
          :key="`${id} ${one.feature}`"
          :card="one.card"
          :feature="one.feature"
          :line="one.line"
        />
        <MeasuresPanel :desk="desk" />
        <template v-if="swings">
          <v-btn class="chatters" :aria-expanded="listens" @click="listens = !listens">{{
            listens ? 'It no longer chatters' : 'It chatters: listen'
          }}</v-btn>
          <ListenPanel v-if="listens" :key="swings.key" :of="swings" />
        </template>
      </section>
      <HowItIsHeld :in-hand="desk.inHand.value" />
    </div>
  </div>
  <div v-else-if="desk.problem.value" class="none">
    <NoticeText tone="warn"
      ><PhraseText :phrase="desk.problem.value" />
      <router-link :to="`/job/${job.id}/plan`">To the plan</router-link></NoticeText
    >
  </div>
  <p v-else class="none quiet">Working it out…</p>
</template>

<style scoped>
.work {
  display: flex;
  flex-direction: column;
  min-height: 100%;
}
.work > .split {
  flex: 1 0 auto;
}
.chatters {
  justify-self: start;
}
.piece {
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
}
.none {
  padding: 18px;
}
</style>
