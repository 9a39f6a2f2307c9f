<script setup lang="ts">
import { useScreen } from '../data/stores/screen';

/** Every key there is, on one card. */
const screen = useScreen();
const KEYS: readonly (readonly [string, string])[] = [
  ['1 – 7', 'Part, Plan, Way, Set, Cut, Prove, Record'],
  ['Alt ↑ ↓', 'on Plan: the operation earlier or later'],
  ['R', 'to the reading bar'],
  ['/', 'a quick sum'],
  ['Enter', 'keep what is typed, or do what the bar offers'],
  ['Esc', 'out of a box, back from the big figures'],
  ['B', 'big figures, to be read across the shop'],
  ['U', 'the other units'],
  ['Z', 'take the last slip back'],
  ['P', 'on Cut, fed by hand: the beat on or off'],
  ['Tab', 'in a quick sum: take the first of what it could become'],
  ['D', 'light or dark'],
  ['G', 'to the rack'],
  ['?', 'this list'],
];
</script>

<template>
  <v-dialog v-model="screen.keysOpen" aria-label="Keys" max-width="520">
    <div class="sheet card">
      <h2>Keys</h2>
      <dl>
        <template v-for="[key, what] in KEYS" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ what }}</dd>
        </template>
      </dl>
      <v-btn @click="screen.keysOpen = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 22px 26px;
}
dl {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 10px 14px;
  margin: 16px 0 20px;
}
dd {
  margin: 0;
}
</style>
