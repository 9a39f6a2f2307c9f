<script setup lang="ts">
import { workOf } from '@anello/contract';
import {
  describeRecord,
  ofKind,
  verdictOnPiece,
  type KeptRecord,
  isSized,
  isWithdrawn,
} from '@anello/core/job';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { mdiCameraPlusOutline, mdiCommentPlusOutline } from '@mdi/js';
import FileTake from '../../ui/FileTake.vue';
import { usePhotos } from '../notes/usePhotos';
import { pictureOf } from './rowPictures';
import { useJobModel } from '../model/useJobModel';
import { useStageScreen } from '../model/useStageScreen';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import MethodPicks from '../../ui/MethodPicks.vue';
import { vFirstBox } from '../../ui/vFirstBox';
import { useLeadOn } from '../../ui/useLeadOn';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import VerdictPanel from '../shared/VerdictPanel.vue';
import StillSetRow from './StillSetRow.vue';
import TakeAway from './TakeAway.vue';
import { isPractice } from '../../data/practice/names';
import { useJob } from '../../data/stores/job';
import { useOutbox } from '../../data/stores/outbox';
import { useShop } from '../../data/stores/shop';
import { useJobKind } from '../model/kind';

/** Everything kept for a piece, in order, with time and operator; then the next piece. */
const job = useJob();
const shop = useShop();
const outbox = useOutbox();
const lead = useLeadOn();
const model = useJobModel();
const kind = useJobKind();
const PiecesPanel = defineAsyncComponent(() => import('./PiecesPanel.vue'));
const shown = ref(job.piece);
watch(
  () => job.piece,
  (piece) => (shown.value = piece),
);

/** Those that were begun. */
const pieces = computed(() => {
  const most = Math.max(job.piece, ...job.records.map((r) => r.piece));
  return Array.from({ length: most }, (_, i) => i + 1);
});
const kept = computed(() => job.records.filter((r) => r.piece === shown.value && !isWithdrawn(r.body)));
/** The row a note or a photo belongs to; null of all others. */
const ownerOf = ({ body }: KeptRecord): string | null => ('of' in body && body.of) || null;
/** In the order they were kept, but for what was said of another row: that stands under it. */
const rows = computed(() => {
  const ids = new Set(kept.value.map((r) => r.id));
  const under = (id: string): KeptRecord[] => kept.value.filter((r) => ownerOf(r) === id);
  return kept.value.filter((r) => !ids.has(ownerOf(r) ?? '')).flatMap((r) => [r, ...under(r.id)]);
});
const photos = usePhotos();
/** The row something is being said of. */
const saying = ref<string | null>(null);
const said = ref('');
async function sayOf({ id, feature, operation }: KeptRecord): Promise<void> {
  const text = said.value.trim();
  if (!text) return;
  await job.keep({ kind: 'note', text, of: id }, { piece: shown.value, feature, operation });
  shutSaying();
}
async function photoOf({ id, feature, operation }: KeptRecord, file: File): Promise<void> {
  const about = { piece: shown.value, feature, operation };
  await photos.take(file, { about, text: said.value.slice(0, 400), of: id });
  if (!photos.refused.value) shutSaying();
}
function shutSaying(): void {
  saying.value = null;
  said.value = '';
}
const gone = computed(
  () => new Set(job.records.flatMap((r) => (isWithdrawn(r.body) ? [r.body.record] : []))),
);
const waiting = computed(() => new Set(outbox.waiting.map((w) => (w.body as { id?: string }).id)));
const given = (piece: number): string | null =>
  verdictOnPiece(job.records, piece, model.shapes.value.length)?.body.verdict ?? null;
const verdict = computed(() => given(job.piece));
const following = computed(() => model.progress.value?.following ?? null);
const canStart = computed(
  () => verdict.value !== null && verdict.value !== 'rework' && following.value !== null,
);
const machine = computed(() => (job.document ? shop.byId(job.document.machineId) : undefined));
const note = ref('');

/** Whether a way was chosen for the shape in hand, which a verdict alone does not say. */
function chosen(): boolean {
  const shape = model.shape.value;
  return Boolean(shape && job.document && workOf(job.document, shape.feature, shape.kind).way);
}

const startNext = (): Promise<void> =>
  lead(async () => {
    const settings = ofKind(model.records.value, 'setting-kept').length;
    const stage = kind.value.beginsAt({ settings, chosen: chosen() });
    await job.takeUp(following.value ?? job.piece + 1);
    return `/job/${job.id}/${several.value ? 'plan' : stage}`;
  });

async function keepNote(): Promise<void> {
  const text = note.value.trim();
  if (!text) return;
  await job.keep({ kind: 'note', text }, { piece: shown.value });
  note.value = '';
}

async function takeBack(record: KeptRecord): Promise<void> {
  job.offerBack('Taken back. It stays on record, struck through.', () => job.keepAgain(record));
  await job.withdraw(record);
}
const verdictOf = (piece: number): string => given(piece) ?? 'open';
/** A part of several shapes is closed here, when all of it is done. */
const several = computed(() => model.shapes.value.length > 1);
const view = useHeld(HELD.recordView, 'kept');
const VIEWS = [
  { id: 'kept', title: 'What was kept' },
  { id: 'pieces', title: 'Pieces' },
];
const batch = computed(() => (job.document?.quantity ?? 1) > 1);
const names = computed(() => new Map((job.document?.features ?? []).map((f) => [f.id, f.name])));
const time = (at: string): string =>
  new Date(at).toLocaleString('en-GB', {
    day: '2-digit',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

useStageScreen({
  bar: () =>
    canStart.value
      ? {
          key: 'record',
          label: `Piece ${job.piece} is closed`,
          asks: 'nothing',
          hint: 'The settings are carried over.',
          empty: { label: `Start piece ${following.value ?? ''}`, run: startNext },
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="What was kept">
      <MethodPicks v-if="batch" v-model="view" label="What to look at" :methods="VIEWS" />
      <PiecesPanel v-if="batch && view === 'pieces'" />
      <template v-else>
        <div v-if="pieces.length > 1" class="pieces" role="group" aria-label="Piece">
          <v-btn
            v-for="piece in pieces"
            :key="piece"
            :class="{ on: piece === shown }"
            :aria-pressed="piece === shown"
            @click="shown = piece"
            >Piece {{ piece }} · {{ verdictOf(piece) }}</v-btn
          >
        </div>
        <p v-if="rows.length === 0" class="quiet">Nothing kept for piece {{ shown }} yet.</p>
        <ol v-else class="rows sheet">
          <li
            v-for="record in rows"
            :key="record.id"
            :class="[record.body.kind, { gone: gone.has(record.id), under: ownerOf(record) }]"
          >
            <time class="fig when" :datetime="record.at">{{ time(record.at) }}</time>
            <span class="fig who">{{ record.operator }}</span>
            <span class="what"
              ><span v-if="several && record.feature && !isSized(record.body)" class="of"
                >{{ names.get(record.feature) ?? record.feature }}: </span
              ><PhraseText :phrase="describeRecord(record)" /><span
                v-if="waiting.has(record.id)"
                class="held"
              >
                kept here, not yet on the server</span
              ><component
                :is="pictureOf(record.body)!.by"
                v-if="pictureOf(record.body)"
                v-bind="pictureOf(record.body)!.props"
            /></span>
            <button
              v-if="!gone.has(record.id) && !ownerOf(record)"
              type="button"
              class="plain say"
              :aria-expanded="saying === record.id"
              :aria-label="`Say something of it, or a photo: ${record.body.kind}`"
              @click="saying = saying === record.id ? null : record.id"
            >
              <v-icon :icon="mdiCommentPlusOutline" size="22" />
            </button>
            <span v-else />
            <button
              v-if="!gone.has(record.id)"
              type="button"
              class="plain back"
              :aria-label="`Take back: ${record.body.kind}`"
              @click="takeBack(record)"
            >
              Take back
            </button>
            <span v-else class="quiet">taken back</span>
            <form v-if="saying === record.id" class="saying" @submit.prevent="sayOf(record)">
              <v-text-field
                v-model="said"
                v-first-box
                label="What there is to say of it"
                maxlength="2000"
                autocomplete="off"
              />
              <v-btn type="submit" :disabled="said.trim() === ''">Keep</v-btn>
              <FileTake
                label="Photo"
                accept="image/*"
                :icon="mdiCameraPlusOutline"
                :disabled="photos.busy.value"
                @taken="(file: File) => photoOf(record, file)"
              />
            </form>
          </li>
        </ol>
        <form class="note" @submit.prevent="keepNote">
          <v-text-field
            v-model="note"
            label="A note for whoever makes the next one"
            autocomplete="off"
            maxlength="2000"
          />
          <v-btn type="submit" :disabled="note.trim() === ''">Keep the note</v-btn>
        </form>
      </template>
    </section>
    <aside class="side">
      <div class="next sheet">
        <p class="label">Next</p>
        <p class="what-next">{{ model.progress.value?.next }}</p>
        <v-btn v-if="canStart" class="go" @click="startNext"
          >Start piece {{ following }} of {{ job.document?.quantity }}</v-btn
        >
      </div>
      <VerdictPanel
        v-if="several && verdict !== 'accepted' && verdict !== 'scrap'"
        whole
        :at-line="model.progress.value?.shapes.every((s) => s.done) ?? false"
        :angle-right="true"
        :past="false"
        :has-taper="false"
      />
      <TakeAway v-if="!isPractice(job.id)" :piece="shown" />
      <StillSetRow v-if="machine" :machine="machine" />
      <NoticeText
        >What the lathe is still set to stays on the rack until somebody says it was disturbed.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped>
.pieces {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.on {
  border: 2px solid var(--blue);
  color: var(--blue);
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: 15.5px;
}
.rows li {
  display: grid;
  grid-template-columns: 122px 44px minmax(0, 1fr) 48px auto;
  gap: 10px;
  align-items: center;
  padding: 0 14px;
  min-height: 48px;
}
.rows li + li {
  border-top: 1px solid var(--rule);
}
time,
.who {
  font-size: 14px;
  color: var(--ink-2);
}
.gone .what {
  text-decoration: line-through;
  color: var(--ink-2);
}
.verdict .what,
.setting-kept .what {
  font-weight: 650;
}
.held {
  color: var(--brass);
  font-size: 14px;
}
.back {
  min-height: 48px;
  font-size: 14.5px;
  color: var(--brass);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.say {
  min-height: 48px;
  text-align: center;
  color: var(--ink-2);
}
.under .what {
  padding-left: 14px;
  border-left: 3px solid var(--rule-2);
}
.photo .what {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding-block: 6px;
}
.saying {
  grid-column: 1 / -1;
  padding-bottom: 10px;
}
.note,
.saying {
  display: flex;
  gap: 10px;
  align-items: start;
}
.next {
  padding: 14px 16px;
  display: grid;
  gap: 8px;
}
.of {
  font-weight: 600;
}
.what-next {
  font-size: 19px;
  font-weight: 650;
}
@media (max-width: 560px) {
  .rows li {
    grid-template-columns: 1fr auto 48px auto;
    gap: 0 10px;
    padding: 6px 12px;
  }
  .what {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .note,
  .saying {
    flex-direction: column;
    align-items: stretch;
  }
}
</style>
