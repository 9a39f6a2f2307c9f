<script setup lang="ts">
import type { MachineRow, SettingRow } from '@anello/contract';
import { angle, type Figure } from '@anello/core/figure';
import { DEVICE_NAMES } from '@anello/core/machine';
import { computed } from 'vue';
import { useScreen } from '../../data/stores/screen';
import { stillSetOn, useShop } from '../../data/stores/shop';
import FigureText from '../../ui/FigureText.vue';

/** What one lathe's devices are still set to, proved when and by whom; one tap says it was disturbed. */
const props = defineProps<{ machine: MachineRow }>();
const shop = useShop();
const screen = useScreen();
const settings = computed(() => stillSetOn(props.machine));
const setting = (row: SettingRow): Figure => angle(row.halfAngle ?? 0);

async function disturb({ id: _id, ...was }: SettingRow): Promise<void> {
  const { at: _at, operator: _operator, ...device } = was;
  await shop.keepSetting({ ...device, halfAngle: null, how: 'disturbed' });
  screen.offerBack(`${props.machine.document.name}: ${DEVICE_NAMES[was.device]} marked as disturbed.`, () =>
    shop.keepSetting(was),
  );
}

const day = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
</script>

<template>
  <article class="sheet lathe">
    <h2>
      <router-link :to="`/machines/${machine.id}`">{{ machine.document.name }}</router-link>
    </h2>
    <p v-if="settings.length === 0" class="quiet none">Set to nothing that is known.</p>
    <ul v-else>
      <li v-for="row in settings" :key="row.id">
        <span class="dot" aria-hidden="true" />
        <span class="what">{{ DEVICE_NAMES[row.device] }} still at</span>
        <strong class="at"><FigureText :figure="setting(row)" /></strong>
        <span class="by quiet">{{ row.jobNumber ?? row.how }} · {{ row.operator }} · {{ day(row.at) }}</span>
        <button
          type="button"
          class="plain disturb"
          :aria-label="`The ${DEVICE_NAMES[row.device]} of the ${machine.document.name} was disturbed`"
          @click="disturb(row)"
        >
          Disturbed
        </button>
      </li>
    </ul>
  </article>
</template>

<style scoped>
.lathe {
  container-type: inline-size;
  padding: 4px 8px 4px 16px;
  display: flex;
  gap: 0 16px;
  align-items: flex-start;
  flex-wrap: wrap;
}
h2 {
  font-size: 16.5px;
  font-weight: 650;
  min-width: 92px;
}
h2 a {
  text-decoration: none;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
}
h2 a:hover {
  text-decoration: underline;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  flex: 1 1 min(300px, 100%);
  min-width: 0;
}
li {
  display: grid;
  grid-template-columns: auto auto auto minmax(0, 1fr) auto;
  align-items: center;
  gap: 0 8px;
  min-height: 48px;
}
li + li {
  border-top: 1px solid var(--rule);
}
.dot {
  width: 9px;
  height: 9px;
  border-radius: 50%;
  background: var(--green);
  flex: none;
}
.what {
  white-space: nowrap;
}
.by {
  font-size: 14px;
  line-height: 1.3;
}
.none {
  min-height: 48px;
  display: flex;
  align-items: center;
}
@container (max-width: 480px) {
  li {
    grid-template-columns: auto auto minmax(0, 1fr) auto;
    padding: 4px 0;
  }
  .by {
    grid-column: 2 / -1;
    grid-row: 2;
  }
}
.disturb {
  margin-left: auto;
  min-height: 48px;
  padding: 0 10px;
  color: var(--brass);
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: 14.5px;
}
</style>
