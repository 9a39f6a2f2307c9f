<script setup lang="ts">
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { entry, KIT_SCHEMA, type Entry, type KitDocument } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { angle, exactText, length, plainText } from '@anello/core/figure';
import { pinBlockDesign, type PinBlockDesign, type PinBlockWish } from '@anello/core/kit';
import { halfAngleOf, taperSize } from '@anello/core/taper';

import { computed, onMounted, ref } from 'vue';
import PinBlockDrawing from './PinBlockDrawing.vue';
import KitTabs from './KitTabs.vue';
import { ServerAway } from '../../data/api';
import { newId } from '../../data/newId';
import { fileName, saveFile } from '../../files/saveFile';
import DocumentForm from '../../ui/DocumentForm.vue';
import FigureText from '../../ui/FigureText.vue';
import { must } from '../../ui/formField';
import NoticeText from '../../ui/NoticeText.vue';
import TaperPicker from '../../ui/TaperPicker.vue';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';

/** A block with two pins for each of the tapers wanted: where the holes go, what rounding leaves, and its drawing. */
const kit = useKit();
const preferences = usePreferences();
onMounted(() => void (kit.loaded || kit.load()));

interface Wish extends Record<string, unknown> {
  width: Entry;
  height: Entry;
  holeDiameter: Entry;
  resolution: Entry;
  wall: Entry;
}
const tapers = useHeld<string[]>(HELD.pinTapers, ['morse-iso/2', 'morse-iso/3', 'general/1:12']);
const figures = useHeld<Wish>(HELD.pinBlock, {
  width: entry('110 mm'),
  height: entry('40 mm'),
  holeDiameter: entry('6 mm'),
  resolution: entry('0.005 mm'),
  wall: entry('1.5 mm'),
});
const FIELDS = [
  must('width', 'Block, long'),
  must('height', 'Block, high'),
  must('holeDiameter', 'Holes'),
  must('resolution', 'The mill’s readout shows'),
  must('wall', 'Metal between holes'),
];

const halfAngleAt = (key: string): { name: string; halfAngle: number } | null => {
  const [series = '', size = ''] = key.split(/\/(.*)/s);
  const found = series === 'shop' ? kit.sizes.find((s) => s.size === size) : taperSize(series, size);
  return found ? { name: found.name, halfAngle: halfAngleOf(found.ratio) } : null;
};
const wish = computed<PinBlockWish>(() => ({
  tapers: tapers.value.map(halfAngleAt).filter((t) => t !== null),
  width: figures.value.width.value,
  height: figures.value.height.value,
  holeDiameter: figures.value.holeDiameter.value,
  resolution: figures.value.resolution.value,
  wall: figures.value.wall.value,
}));
const answer = computed<{ design: PinBlockDesign | null; error: AnelloError | null }>(() => {
  try {
    return { design: pinBlockDesign(wish.value), error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { design: null, error };
    throw error;
  }
});
const errors = computed<Record<string, string>>(() => {
  const { error } = answer.value;
  return error?.field ? { [error.field]: plainText(error.phrase, preferences.units) } : {};
});
const crowded = computed(() => (answer.value.design?.holes ?? []).filter((h) => h.breaksInto.length > 0));
const ARC_TENTH = Math.PI / 180 / 3600 / 10;

const adding = ref<string | null>(null);
function add(key: string | null): void {
  if (key && !tapers.value.includes(key)) tapers.value = [...tapers.value, key];
  adding.value = null;
}
const drop = (index: number): void => void (tapers.value = tapers.value.filter((_, i) => i !== index));
function change(key: string, value: unknown): void {
  if (value) figures.value = { ...figures.value, [key]: value as Entry };
}

const said = ref('');
async function save(ending: 'svg' | 'dxf' | 'pdf'): Promise<void> {
  const { design } = answer.value;
  if (!design) return;
  const { exportSheet } = await import('../../files/write/export');
  const { pinBlockSheet } = await import('../../files/paper/pinBlockSheet');
  const { type, content } = await exportSheet(pinBlockSheet(wish.value, design), ending);
  saveFile(fileName('pin-block', ending), type, content);
}

const name = ref('Pin block');
async function keep(): Promise<void> {
  const { design } = answer.value;
  if (!design) return;
  const mm = (value: number): Entry => entry(exactText(length(value)));
  const document: KitDocument = {
    schema: KIT_SCHEMA,
    kind: 'pin-block',
    name: name.value.trim() || 'Pin block',
    note: '',
    archived: false,
    holes: design.holes.map((h) => ({ name: h.name, x: mm(h.x), y: mm(h.y) })),
  };
  try {
    await kit.keep(`kit-${newId()}`, null, document);
    said.value = `${document.name} is among the kit.`;
  } catch (error) {
    if (error instanceof AnelloError) said.value = error.message;
    else if (error instanceof ServerAway) said.value = 'The server is away: try again in a moment.';
    else throw error;
  }
}
</script>

<template>
  <main class="page">
    <KitTabs />
    <h1>Pin block</h1>
    <div class="two">
      <section class="sheet group" aria-label="What it is for">
        <h2>Tapers</h2>
        <ul>
          <li v-for="(key, index) in tapers" :key="key">
            <span>{{ halfAngleAt(key)?.name ?? key }}</span>
            <button
              class="plain"
              :aria-label="`Leave ${halfAngleAt(key)?.name ?? key} out`"
              @click="drop(index)"
            >
              Leave out
            </button>
          </li>
        </ul>
        <TaperPicker :model-value="adding" label="Add a taper" @update:model-value="add" />
        <div class="grid">
          <DocumentForm
            :object="figures"
            :fields="FIELDS"
            draft-key="pins"
            :errors="errors"
            @change="change"
          />
        </div>
        <NoticeText
          v-if="answer.error && (!answer.error.field || answer.error.field === 'tapers')"
          tone="bad"
          >{{ plainText(answer.error.phrase, preferences.units) }}</NoticeText
        >
      </section>
      <section v-if="answer.design" class="result" aria-label="The block">
        <div class="sheet drawing"><PinBlockDrawing :wish="wish" :design="answer.design" /></div>
        <NoticeText v-for="hole in crowded" :key="hole.name" tone="bad"
          >{{ hole.name }} would break into {{ hole.breaksInto.join(' and ') }}: a longer block, smaller pins
          or a second block.</NoticeText
        >
        <div class="scroll">
          <table class="sheet">
            <thead>
              <tr>
                <th scope="col">Hole</th>
                <th scope="col">Along</th>
                <th scope="col">Across</th>
                <th scope="col">Rounding leaves</th>
              </tr>
            </thead>
            <tbody>
              <tr>
                <th scope="row">0 · origin, from the corner</th>
                <td><FigureText :figure="length(answer.design.origin.x, wish.resolution)" /></td>
                <td><FigureText :figure="length(answer.design.origin.y, wish.resolution)" /></td>
                <td />
              </tr>
              <tr v-for="(hole, index) in answer.design.holes" :key="hole.name">
                <th scope="row">{{ index + 1 }} · {{ hole.name }}</th>
                <td><FigureText :figure="length(hole.x, wish.resolution)" /></td>
                <td><FigureText :figure="length(hole.y, wish.resolution)" /></td>
                <td><FigureText :figure="angle(hole.angleError, ARC_TENTH)" /></td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="quiet">
          Every along is one the readout can hit whose across rounds best there; nearer ones are passed over
          where holes would meet. A hole bored out of place costs the more angle the nearer it stands.
        </p>
        <p class="bottom">
          <v-btn @click="save('pdf')">PDF, full size</v-btn>
          <v-btn @click="save('svg')">SVG</v-btn>
          <v-btn @click="save('dxf')">DXF</v-btn>
        </p>
        <form class="bottom" @submit.prevent="keep">
          <v-text-field v-model="name" label="Name" autocomplete="off" hide-details />
          <v-btn class="go" type="submit">Keep among the kit</v-btn>
          <span role="status">{{ said }}</span>
        </form>
      </section>
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(300px, 0.8fr) minmax(0, 1.4fr);
  gap: 16px;
  align-items: start;
}
.group {
  display: grid;
  gap: 12px;
}
.result {
  display: grid;
  gap: 12px;
}
.drawing {
  padding: 10px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 48px;
}
li + li {
  border-top: 1px solid var(--rule);
}
li button {
  min-height: 48px;
  padding: 0 8px !important;
  color: var(--brass) !important;
  text-decoration: underline !important;
  text-underline-offset: 3px;
  font-size: 14.5px !important;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: separate;
  border-spacing: 0;
  width: 100%;
}
th,
td {
  padding: 9px 14px;
  text-align: right;
  font-weight: 400;
  border-top: 1px solid var(--rule);
  white-space: nowrap;
}
thead th {
  border-top: 0;
  color: var(--ink-2);
  font-size: 14px;
}
th:first-child {
  text-align: left;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
