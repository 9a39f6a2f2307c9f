<script setup lang="ts">
import type { OperationBeforeRow } from '@anello/contract';
import { computed } from 'vue';
import { dayOf } from '../../ui/days';
import { useShop } from '../../data/stores/shop';
import LastLine from './LastLine.vue';
import { minutesSaid } from './lineOf';
import { operationLine, sizesOf } from './operationLine';
import { useOperationBefore } from './useOperationBefore';

/** How this shop did the same thread or hole before, or the same cut in the same material. */
const props = defineProps<{ alike: string }>();
const shop = useShop();
const { rows } = useOperationBefore(() => props.alike);
const told = computed(() => {
  const [row] = rows.value;
  return row ? { row, line: [operationLine(row)] } : null;
});
const placeOf = ({ jobId, operation }: OperationBeforeRow): string =>
  `/job/${jobId}/work/${encodeURIComponent(operation)}`;
const underOf = ({ story, machineId }: OperationBeforeRow): string =>
  `${dayOf(story.to)} · ${story.operator} · ${shop.byId(machineId)?.document.name ?? 'another lathe'}`;
</script>

<template>
  <LastLine v-if="told" v-slot="{ row }" :told="told" :rows="rows" :place-of="placeOf" :under-of="underOf">
    <dl>
      <div>
        <dt>Pieces</dt>
        <dd class="fig">{{ row.story.pieces }}</dd>
      </div>
      <div v-if="row.story.passes">
        <dt>Passes</dt>
        <dd class="fig">{{ row.story.passes }}</dd>
      </div>
      <div v-if="sizesOf(row)">
        <dt>Measured</dt>
        <dd>{{ sizesOf(row) }}</dd>
      </div>
      <div v-if="minutesSaid(row.story.minutes)">
        <dt>Spent</dt>
        <dd class="fig">{{ minutesSaid(row.story.minutes) }}</dd>
      </div>
      <div v-if="row.story.planned && minutesSaid(row.story.planned)">
        <dt>Planned</dt>
        <dd class="fig">{{ minutesSaid(row.story.planned) }}</dd>
      </div>
    </dl>
    <p v-for="note in row.story.notes" :key="note" class="cause">{{ note }}</p>
  </LastLine>
</template>
