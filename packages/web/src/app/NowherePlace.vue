<template>
  <main class="nowhere">
    <h1>There is nothing at this address</h1>
    <p class="quiet">The job or place may have been renamed. Nothing is ever deleted.</p>
    <v-btn to="/rack">To the rack</v-btn>
  </main>
</template>

<style scoped>
.nowhere {
  padding: 48px;
  display: grid;
  gap: 16px;
  align-content: start;
  justify-items: start;
}
</style>
