<script setup lang="ts">
import { duration } from '@anello/core/figure';
import type { HoldingSaid, OperationSaid } from '@anello/core/plan';
import { mdiArrowDown, mdiArrowUp, mdiDragVertical } from '@mdi/js';
import { VueDraggable, type DraggableEvent } from 'vue-draggable-plus';
import FindingLines from './FindingLines.vue';
import PhraseText from '../../ui/PhraseText.vue';
import OperationRow from './OperationRow.vue';
import PieceDrawing from './PieceDrawing.vue';

/** One holding: the piece in it on the left, what is done in it on the right. */
defineProps<{
  said: HoldingSaid;
  number: number;
  last: boolean;
  opened: string | null;
  stateOf: (id: string) => 'done' | 'now' | 'ahead';
  pathOf: (operation: OperationSaid) => string;
}>();
const emit = defineEmits<{
  open: [id: string];
  moveOperation: [id: string, by: -1 | 1];
  move: [by: -1 | 1];
  place: [id: string, at: { holding: string; index: number }];
}>();

/** Where an operation was let go: in this holding or another. */
function dropped({ item, to, newIndex }: DraggableEvent): void {
  const id = item.dataset['operation'];
  const holding = to.dataset['holding'];
  if (id && holding && newIndex !== undefined) emit('place', id, { holding, index: newIndex });
}
</script>

<template>
  <section class="sheet holding" :aria-label="`Holding ${number}: ${said.name}`">
    <div class="held">
      <h2>
        <v-icon class="grip-holding" :icon="mdiDragVertical" aria-hidden="true" />
        {{ number }} · {{ said.name }}
        <span class="fig quiet"><PhraseText :phrase="duration(said.minutes)" /></span>
      </h2>
      <p><PhraseText :phrase="said.held" /></p>
      <p v-if="said.clocked" class="clocked"><PhraseText :phrase="said.clocked" /></p>
      <PieceDrawing :held="said" />
      <FindingLines :findings="said.findings" />
      <p class="caution">{{ said.caution }}</p>
      <details v-if="said.tools.length" class="tools">
        <summary>Lay out {{ said.tools.length === 1 ? 'one thing' : `${said.tools.length} things` }}</summary>
        <ul>
          <li v-for="(tool, index) in said.tools" :key="index"><PhraseText :phrase="tool" /></li>
        </ul>
      </details>
      <p class="moves">
        <v-btn
          :icon="mdiArrowUp"
          :disabled="number === 1"
          :aria-label="`Holding ${number} earlier`"
          @click="emit('move', -1)"
        />
        <v-btn
          :icon="mdiArrowDown"
          :disabled="last"
          :aria-label="`Holding ${number} later`"
          @click="emit('move', 1)"
        />
      </p>
    </div>
    <VueDraggable
      tag="ol"
      :model-value="[...said.operations]"
      group="operations"
      handle=".grip"
      :animation="120"
      :data-holding="said.holding.id"
      @end="dropped"
    >
      <OperationRow
        v-for="one in said.operations"
        :key="one.operation.id"
        :data-operation="one.operation.id"
        :said="one"
        :open="opened === one.operation.id"
        :state="stateOf(one.operation.id)"
        :to="pathOf(one)"
        @open="emit('open', one.operation.id)"
        @move="(by) => emit('moveOperation', one.operation.id, by)"
      />
    </VueDraggable>
  </section>
</template>

<style scoped>
.holding {
  display: grid;
  grid-template-columns: minmax(260px, 36%) minmax(0, 1fr);
}
.held {
  padding: 12px 14px;
  border-right: 1px solid var(--rule);
  display: grid;
  gap: 4px;
  align-content: start;
  font-size: 15px;
}
h2 {
  font-size: 17px;
  font-weight: 650;
}
.clocked {
  font-weight: 600;
}
.caution {
  color: var(--brass);
  font-weight: 600;
}
.grip-holding {
  opacity: 0.55;
  cursor: grab;
  color: var(--ink-2);
  margin-left: -4px;
}
.tools summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 600;
}
.tools ul {
  margin: 0 0 6px;
  padding-left: 18px;
}
.moves {
  display: flex;
  gap: 8px;
}
ol {
  margin: 0;
  padding: 0;
}
@media (max-width: 720px) {
  .holding {
    grid-template-columns: minmax(0, 1fr);
  }
  .held {
    border-right: 0;
    border-bottom: 1px solid var(--rule);
  }
}
</style>
