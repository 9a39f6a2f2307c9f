<script setup lang="ts">
import { entry, KIT_SCHEMA, type Entry, type KitDocument } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { exactText, length, plainText } from '@anello/core/figure';
import { onMounted, ref } from 'vue';
import PinBlockDrawing from './PinBlockDrawing.vue';
import KitTabs from './KitTabs.vue';
import PinBlockTable from './PinBlockTable.vue';
import { usePinBlock } from './usePinBlock';
import { ServerAway } from '../../data/api';
import { newId } from '../../data/newId';
import { fileName, saveFile } from '../../files/saveFile';
import DocumentForm from '../../ui/DocumentForm.vue';
import { must } from '../../ui/formField';
import NoticeText from '../../ui/NoticeText.vue';
import TaperPicker from '../../ui/TaperPicker.vue';
import { useKit } from '../../data/stores/kit';
import { usePreferences } from '../../data/stores/preferences';

/** A block with two pins for each of the tapers wanted: where the holes go, what rounding leaves, and its drawing. */
const kit = useKit();
const preferences = usePreferences();
onMounted(() => void (kit.loaded || kit.load()));

const { tapers, figures, wish, answer, errors, crowded, halfAngleAt, add, drop, change } = usePinBlock();
const adding = ref<string | null>(null);
function take(key: string | null): void {
  add(key);
  adding.value = null;
}
const FIELDS = [
  must('width', 'Block, long'),
  must('height', 'Block, high'),
  must('holeDiameter', 'Holes'),
  must('resolution', 'The mill’s readout shows'),
  must('wall', 'Metal between holes'),
];

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
const keeping = ref(false);
async function keep(): Promise<void> {
  const { design } = answer.value;
  if (!design || keeping.value) return;
  const mm = (value: number): Entry => entry(exactText(length(value)));
  const document: KitDocument = {
    schema: KIT_SCHEMA,
    kind: 'pin-block',
    name: name.value.trim() || 'Pin block',
    note: '',
    archived: false,
    holes: design.holes.map((h) => ({ name: h.name, x: mm(h.x), y: mm(h.y) })),
  };
  keeping.value = true;
  try {
    await kit.keep(`kit-${newId()}`, null, document);
    said.value = `${document.name} is among the kit.`;
  } catch (error) {
    if (error instanceof AnelloError) said.value = error.message;
    else if (error instanceof ServerAway) said.value = 'The server is away: try again in a moment.';
    else throw error;
  } finally {
    keeping.value = false;
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
              type="button"
              class="plain"
              :aria-label="`Leave ${halfAngleAt(key)?.name ?? key} out`"
              @click="drop(index)"
            >
              Leave out
            </button>
          </li>
        </ul>
        <TaperPicker :model-value="adding" label="Add a taper" @update:model-value="take" />
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
        <PinBlockTable :wish="wish" :design="answer.design" />
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
          <v-btn class="go" type="submit" :disabled="keeping">Keep among the kit</v-btn>
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
  padding: 0 8px;
  color: var(--brass);
  text-decoration: underline;
  text-underline-offset: 3px;
  font-size: 14.5px;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
