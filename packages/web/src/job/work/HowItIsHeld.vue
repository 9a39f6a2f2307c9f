<script setup lang="ts">
import type { OperationInHand } from '@anello/core/plan';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';

/** How the piece is held, and what a good hand looks at before starting. */
defineProps<{ inHand: OperationInHand }>();
</script>

<template>
  <aside class="side">
    <h2 class="label">Look first</h2>
    <ul v-if="inHand.operation.before.length" class="checks">
      <li v-for="(check, index) in inHand.operation.before" :key="index"><PhraseText :phrase="check" /></li>
    </ul>
    <h2 class="label">Held</h2>
    <template v-if="inHand.operation.away">
      <p>Away from the lathe, as the machine it goes to holds it.</p>
      <NoticeText tone="bad"
        >Clamped before anything turns, guards shut. That machine’s manual and the shop’s rules come
        first.</NoticeText
      >
    </template>
    <template v-else>
      <p><PhraseText :phrase="inHand.holding.held" /></p>
      <p v-if="inHand.holding.clocked" class="clocked"><PhraseText :phrase="inHand.holding.clocked" /></p>
      <NoticeText tone="bad"
        >{{ inHand.holding.caution }} Chips with a brush, never by hand. The machine’s manual and the shop’s
        rules come first.</NoticeText
      >
    </template>
  </aside>
</template>

<style scoped>
.checks {
  margin: 0;
  padding-left: 20px;
  font-size: 17px;
  display: grid;
  gap: 6px;
}
.clocked {
  font-weight: 600;
}
</style>
