<script setup lang="ts">
import { STOCK_SHAPES, type PlanSaid, type Stock } from '@anello/core/plan';
import { entry, type Entry, type StockDocument } from '@anello/contract';
import { duration } from '@anello/core/figure';
import { computed } from 'vue';
import QuantityField from '../../ui/QuantityField.vue';
import PhraseText from '../../ui/PhraseText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useJob } from '../../data/stores/job';
import SheetButton from './SheetButton.vue';
import { usePlan } from './usePlan';

/** Beside the line of work: the bar it comes out of, what a batch costs either way, and what this order endangers. */
const job = useJob();
const plan = usePlan();
const said = computed<PlanSaid | null>(() => plan.said.value);
const SHAPES = STOCK_SHAPES.map((value) => ({
  value,
  title: { round: 'Round', hex: 'Hexagon', square: 'Square' }[value],
}));
const stock = computed<Stock | null>(() => plan.stock.value);
const own = computed<StockDocument | undefined>(() => job.document?.stock);
/** The bar that is taken while none is said, as it would be typed. */
const taken = (value: number | undefined): Entry | undefined =>
  value === undefined ? undefined : entry(`${value} mm`);
const refusal = (field: string): string | undefined =>
  plan.problem.value?.field === `stock.${field}` ? plan.problem.value.message : undefined;
function set(key: 'across' | 'length' | 'bore', given: Entry | undefined): void {
  if (given || key === 'bore') plan.setStock({ [key]: given });
}
const setUps = (count: number): string => (count === 1 ? '1 set-up' : `${count} set-ups`);
/** The two ways of working a batch, with what each costs. */
const ORDERS = [
  {
    order: 'in-turn',
    title: 'Piece by piece',
    says: 'each from bar to part',
    cost: ({ batch }: PlanSaid) => batch.inTurn,
  },
  {
    order: 'by-holding',
    title: 'Holding by holding',
    says: 'all pieces through one before the next',
    cost: ({ batch }: PlanSaid) => batch.byHolding,
  },
] as const;
const order = computed(() => job.document?.batch ?? 'in-turn');
const wrong = computed(() => said.value?.findings.filter((f) => f.level !== 'note') ?? []);
</script>

<template>
  <aside class="side" aria-label="Bar and batch">
    <!-- Nothing to take a bar for while the part has no outside. -->
    <template v-if="stock">
      <h2>The bar</h2>
      <v-select
        label="Shape"
        :items="SHAPES"
        :model-value="stock?.shape ?? 'round'"
        @update:model-value="(shape: StockDocument['shape']) => plan.setStock({ shape })"
      />
      <div class="boxes">
        <QuantityField
          :label="stock?.shape === 'round' ? 'Diameter' : 'Across flats'"
          dimension="length"
          :draft-key="`${job.id}.stock.across`"
          :model-value="own?.across ?? taken(stock?.across)"
          :error="refusal('across')"
          required
          @update:model-value="(e) => set('across', e)"
        />
        <QuantityField
          label="Length"
          dimension="length"
          :draft-key="`${job.id}.stock.length`"
          :model-value="own?.length ?? taken(stock?.length)"
          :error="refusal('length')"
          required
          @update:model-value="(e) => set('length', e)"
        />
      </div>
      <QuantityField
        label="Hole through it"
        dimension="length"
        :draft-key="`${job.id}.stock.bore`"
        :model-value="own?.bore"
        :error="refusal('bore')"
        @update:model-value="(e) => set('bore', e)"
      />
      <p v-if="!own" class="quiet">Nothing said yet: the next size up, with enough to hold by.</p>
    </template>
    <template v-if="said">
      <h2>{{ job.document?.quantity === 1 ? 'The piece' : `All ${job.document?.quantity} pieces` }}</h2>
      <div
        v-if="(job.document?.quantity ?? 1) > 1"
        class="orders"
        role="group"
        aria-label="How the batch is worked"
      >
        <button
          v-for="one in ORDERS"
          :key="one.order"
          type="button"
          class="plain order"
          :class="{ on: order === one.order }"
          :aria-pressed="order === one.order"
          @click="plan.setBatch(one.order)"
        >
          <span class="title">{{ one.title }}</span>
          <span class="quiet">{{ one.says }}</span>
          <span class="cost">
            <span class="fig">{{ setUps(one.cost(said).setUps) }}</span>
            <span class="fig"><PhraseText :phrase="duration(one.cost(said).minutes)" /></span>
          </span>
        </button>
      </div>
      <p v-else class="cost">
        <span class="fig">{{ setUps(said.batch.inTurn.setUps) }}</span>
        <span class="fig"><PhraseText :phrase="duration(said.minutes)" /></span>
      </p>
      <h2>What this order endangers</h2>
      <p v-if="wrong.length === 0" class="good">Nothing as it stands.</p>
      <NoticeText v-else :tone="wrong.some((f) => f.level === 'impossible') ? 'bad' : 'warn'"
        >{{ wrong.length === 1 ? 'One thing' : `${wrong.length} things` }}, said where
        {{ wrong.length === 1 ? 'it stands' : 'they stand' }}.</NoticeText
      >
      <h2>On paper</h2>
      <SheetButton />
    </template>
    <p v-if="plan.own.value" class="again">
      <span class="quiet">This is your own order.</span>
      <v-btn @click="plan.proposeAgain()">Propose it again</v-btn>
    </p>
  </aside>
</template>

<style scoped>
.side {
  padding: 16px 18px;
  min-width: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
  background: var(--paper-2);
  border-left: 1px solid var(--rule);
}
h2 {
  font-size: 17px;
  font-weight: 650;
  margin-top: 6px;
}
.boxes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(96px, 1fr));
  gap: 10px;
  align-items: start;
}
.orders {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}
.order {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  min-width: 0;
  gap: 2px;
  text-align: left;
  padding: 10px 12px;
  min-height: 56px;
  border: 1px solid var(--rule);
  border-radius: 8px;
  background: var(--sheet);
}
.order.on {
  border-color: var(--blue);
  box-shadow: inset 4px 0 0 var(--blue);
}
.order .title {
  font-weight: 650;
}
.cost {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  font-size: 16px;
}
.good {
  color: var(--green);
  font-weight: 600;
}
.again {
  display: grid;
  gap: 8px;
  justify-items: start;
}
@media (max-width: 1000px) {
  .side {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
</style>
