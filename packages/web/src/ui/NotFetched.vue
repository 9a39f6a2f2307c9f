<script setup lang="ts">
import { onScopeDispose } from 'vue';
import NoticeText from './NoticeText.vue';
import { isBack } from '../data/unfetched';

/**
 * A view that could not be fetched. The browser remembers what it could not have until the page is loaded anew, so it comes
 * with a fresh page as soon as the server answers; what is typed is held in the browser meanwhile.
 */
const AGAIN = 2000;
const timer = setInterval(async () => {
  if (!(await isBack())) return;
  clearInterval(timer);
  window.location.reload();
}, AGAIN);
onScopeDispose(() => clearInterval(timer));
</script>

<template>
  <NoticeText tone="warn" class="away"
    >This view has not been fetched: the server is away. It comes by itself when the server is back; what was
    typed is kept.</NoticeText
  >
</template>

<style scoped>
.away {
  margin: 18px;
}
</style>
