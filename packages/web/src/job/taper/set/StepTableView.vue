<script setup lang="ts">
import type { StepTable } from '@anello/core/setting';
import PhraseText from '../../../ui/PhraseText.vue';

/** A small table beside a card. */
defineProps<{ table: StepTable }>();
</script>

<template>
  <table class="sheet steps">
    <caption class="label">
      {{
        table.caption
      }}
    </caption>
    <thead>
      <tr>
        <th v-for="head in table.head" :key="head" scope="col">{{ head }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, index) in table.rows" :key="index">
        <td v-for="(cell, column) in row" :key="column"><PhraseText :phrase="cell" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: separate;
  border-spacing: 0;
  width: 100%;
}
caption {
  text-align: left;
  padding-bottom: 4px;
}
th,
td {
  padding: 6px 10px;
  text-align: right;
  font-weight: 400;
  font-size: 15px;
}
th {
  color: var(--ink-2);
  font-size: 13.5px;
  line-height: 1.2;
}
th:first-child,
td:first-child {
  text-align: left;
}
tbody td {
  border-top: 1px solid var(--rule);
}
</style>
