<script setup lang="ts">
/** Something is being done that was asked for. In what is built it stands for the component library's own ring. */
defineOptions({ inheritAttrs: false });
</script>

<template><span class="ring" role="progressbar" aria-label="Working on it" /></template>

<style scoped>
.ring {
  width: 1.4em;
  height: 1.4em;
  border: 2px solid currentColor;
  border-right-color: transparent;
  border-radius: 50%;
  animation: turn 0.9s linear infinite;
}
@keyframes turn {
  to {
    transform: rotate(1turn);
  }
}
@media (prefers-reduced-motion: reduce) {
  .ring {
    animation: none;
  }
}
</style>
