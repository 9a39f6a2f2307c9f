<script setup lang="ts">
import type { Entry } from '@anello/contract';
import { READS, STEEPEST_LEVER, type Reads } from '@anello/core/instrument';
import { useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import { ROLES, SPACE, useInUse, type Role } from '../data/wire/inUse';
import { useWire, type Axis } from '../data/wire/wire';
import QuantityField from '../ui/QuantityField.vue';
import OwnPort from './OwnPort.vue';
import { shownBy } from './shown';
import PickOne from '../ui/PickOne.vue';

/** Which instruments feed this screen, how they stand, and how a figure is taken from one. */
const open = defineModel<boolean>({ required: true });
const preferences = usePreferences();
const wire = useWire();
const inUse = useInUse();
const SAID: Readonly<Record<Role, string>> = { reading: 'reads', travel: 'tells the travel' };
const AS: Readonly<Record<Reads, string>> = {
  itself: 'as it shows',
  double: 'twice: a radius for its diameter',
  half: 'half: a diameter for its radius',
};
const DIRECTIONS = [
  { value: false, title: 'As it counts' },
  { value: true, title: 'The other way' },
] as const;
const RESTS = [
  { value: 0, title: 'Never' },
  { value: 0.5, title: '½ s' },
  { value: 1, title: '1 s' },
  { value: 2, title: '2 s' },
];
const axes = computed(() => [...wire.axes.values()].sort((a, b) => a.id.localeCompare(b.id)));
const inRole = computed(() =>
  ROLES.flatMap((role) => {
    const axis = inUse.axisOf(role);
    return axis ? [{ role, axis, use: inUse.useOf(axis.id) }] : [];
  }),
);
const asShown = (axis: Axis, value: number): string => shownBy(axis, value, preferences.units);
function pick(role: Role, axis: Axis): void {
  inUse.change({ [role]: inUse.chosen[role] === axis.id ? null : axis.id });
}
/** What cannot be read as a lever's angle is said at its box, and what stood stays. */
const leverError = ref<string | undefined>();
function setLever(axis: string, next: Entry | undefined): void {
  const angle = next?.value ?? 0;
  leverError.value =
    angle < 0 || angle > STEEPEST_LEVER
      ? 'A lever reads from 0 to 60° off the face; further over it skids.'
      : undefined;
  if (!leverError.value) inUse.setLever(axis, next);
}

const listening = ref(false);
useEventListener(
  window,
  'keydown',
  (event: KeyboardEvent) => {
    if (!listening.value) return;
    event.preventDefault();
    event.stopPropagation();
    listening.value = false;
    // The way out, and the one that keeps what is typed, stay what they are.
    if (!['Escape', 'Enter', 'Tab'].includes(event.key)) inUse.change({ key: event.key });
  },
  { capture: true },
);
const keyName = computed(() => (inUse.chosen.key === SPACE ? 'the space bar' : inUse.chosen.key));
</script>

<template>
  <v-dialog v-model="open" aria-label="Instruments" max-width="720" scrollable>
    <div class="sheet card">
      <h2>Instruments</h2>
      <p v-if="!axes.length" class="quiet">
        None is on the wire. A bridge in the shop feeds them to Anello; the made-up ones that come with it
        start with
        <kbd>npm run instruments</kbd>.
      </p>
      <ul v-else class="axes" aria-label="On the wire">
        <li v-for="axis in axes" :key="axis.id" :class="{ gone: axis.gone }">
          <strong>{{ axis.id }}</strong>
          <span class="fig">{{ axis.gone ? '△ silent' : asShown(axis, axis.last.value) }}</span>
          <button
            v-for="role in ROLES"
            :key="role"
            type="button"
            class="plain role"
            :aria-pressed="inUse.chosen[role] === axis.id"
            @click="pick(role, axis)"
          >
            {{ inUse.chosen[role] === axis.id ? '✓ ' : '' }}{{ SAID[role] }}
          </button>
        </li>
      </ul>
      <section v-for="{ role, axis, use } in inRole" :key="role" :aria-label="`${axis.id}, in use`">
        <h3>
          {{ axis.id }} {{ SAID[role] }}
          <strong class="fig">{{ asShown(axis, inUse.figureOf(axis, axis.last.value)) }}</strong>
        </h3>
        <div class="row">
          <v-btn :disabled="axis.gone" @click="inUse.zeroHere(axis)">Zero here</v-btn>
          <v-btn v-if="use.zero !== 0" @click="inUse.setUse(axis.id, { zero: 0 })">Its own zero</v-btn>
          <PickOne
            :model-value="use.against"
            :picks="DIRECTIONS"
            label="Direction"
            @update:model-value="(against) => inUse.setUse(axis.id, { against })"
          />
        </div>
        <div v-if="!axis.angle" class="row">
          <v-select
            class="as"
            label="The figure is"
            :items="READS.map((value) => ({ value, title: AS[value] }))"
            :model-value="use.reads"
            @update:model-value="(reads: Reads) => inUse.setUse(axis.id, { reads })"
          />
          <QuantityField
            v-if="role === 'reading'"
            label="A lever’s angle to the face"
            dimension="angle"
            :model-value="inUse.chosen.levers[axis.id]"
            :draft-key="`lever.${axis.id}`"
            :error="leverError"
            @update:model-value="(next) => setLever(axis.id, next)"
          />
        </div>
      </section>
      <section v-if="inUse.axisOf('reading')" aria-label="Taking a figure">
        <h3>Taken by {{ keyName }}</h3>
        <div class="row">
          <v-btn @click="listening = true">{{
            listening ? 'Press it now…' : 'Another key or a foot switch'
          }}</v-btn>
          <span>By itself after a rest of</span>
          <PickOne
            :model-value="inUse.chosen.rest"
            :picks="RESTS"
            label="By itself after a rest of"
            @update:model-value="(rest) => inUse.change({ rest })"
          />
          <v-btn :aria-pressed="inUse.chosen.tick" @click="inUse.change({ tick: !inUse.chosen.tick })">{{
            inUse.chosen.tick ? '✓ With a tick' : 'Without a tick'
          }}</v-btn>
        </div>
        <p class="quiet">
          By itself, it is taken when the needle, or the travel, has moved and then rested for so long.
        </p>
      </section>
      <OwnPort />
      <v-btn class="done" @click="open = false">Done</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px 24px;
  display: grid;
  gap: 14px;
  overflow-y: auto;
}
.axes {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
.axes li {
  display: grid;
  grid-template-columns: minmax(110px, 1fr) minmax(110px, auto) 96px 160px;
  gap: 8px;
  align-items: center;
}
.axes .fig {
  font-size: 19px;
  text-align: right;
}
.gone {
  color: var(--ink-2);
}
.role {
  min-height: 48px;
  padding: 0 14px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
}
.role[aria-pressed='true'] {
  border: 2px solid var(--blue);
  color: var(--blue);
  font-weight: 650;
}
section {
  display: grid;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}
h3 {
  font-size: 17px;
  font-weight: 650;
}
h3 .fig {
  margin-left: 10px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.as {
  flex: 1 1 220px;
}
.done {
  justify-self: start;
}
@media (max-width: 620px) {
  .axes li {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
