<script setup lang="ts">
import { length } from '@anello/core/figure';
import { ofKind, type RecordOf } from '@anello/core/job';
import { computed } from 'vue';
import type { CutDesk } from './useCut';
import { useJobModel } from '../model/useJobModel';
import FigureText from '../../ui/FigureText.vue';
import { useJob } from '../../data/stores/job';

/** The passes taken, and those still to take. */
const props = defineProps<{ desk: CutDesk }>();
const job = useJob();
const model = useJobModel();
const taken = computed(() => ofKind(model.records.value, 'pass', job.piece));
const ahead = computed(() => props.desk.plan.value.passes);

async function takeBack(pass: RecordOf<'pass'>): Promise<void> {
  job.offerBack('Pass taken back.', () => job.keepAgain(pass));
  await job.withdraw(pass);
}
</script>

<template>
  <div class="scroll">
    <table>
      <thead>
        <tr>
          <th scope="col">Pass</th>
          <th scope="col">Dial to</th>
          <th scope="col">Depth on radius</th>
          <th scope="col">Diameter after</th>
          <th scope="col">Left</th>
          <th scope="col"><span class="visually-hidden">Take back</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(pass, index) in taken" :key="pass.id" class="taken">
          <th scope="row"><span aria-hidden="true">✓</span> {{ index + 1 }}</th>
          <td><FigureText :figure="desk.dialFigure(pass.body.dialTo)" /></td>
          <td><FigureText :figure="length(pass.body.depth, 0.001)" /></td>
          <td />
          <td />
          <td>
            <button
              v-if="index === taken.length - 1"
              type="button"
              class="plain back"
              @click="takeBack(pass)"
            >
              Take back
            </button>
          </td>
        </tr>
        <tr v-for="(pass, index) in ahead" :key="`a${index}`" :class="{ next: index === 0 }">
          <th scope="row">
            {{ taken.length + index + 1 }}<span v-if="pass.kind === 'last'" class="quiet"> last</span>
          </th>
          <td><FigureText :figure="desk.dialFigure(pass.dialTo)" /></td>
          <td><FigureText :figure="length(pass.depth, 0.001)" /></td>
          <td><FigureText :figure="length(pass.diameterAfter, 0.01)" /></td>
          <td><FigureText :figure="length(pass.leaves, 0.01)" /></td>
          <td />
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  font-size: 15px;
}
th,
td {
  text-align: right;
  padding: 3px 10px;
  border-bottom: 1px solid var(--rule);
  height: 34px;
  font-weight: 400;
}
th:first-child {
  text-align: left;
}
thead th {
  color: var(--ink-2);
  font-size: 14px;
  font-weight: 600;
}
.taken {
  color: var(--green);
}
.next td,
.next th {
  font-weight: 700;
  background: var(--blue-wash);
}
.back {
  min-height: 48px;
  color: var(--brass);
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
