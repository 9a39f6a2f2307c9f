<script setup lang="ts">
import { isThread } from '@anello/core/part';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { AnelloError } from '@anello/core/basics';
import { threadNamed, type NamedThread } from '@anello/core/thread';
import { computed } from 'vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useJob } from '../../data/stores/job';
import EndRules from './EndRules.vue';
import InsideThread from './InsideThread.vue';
import OutsideThreadCard from './OutsideThreadCard.vue';

/** Threads and ends that belong to a tapered part: its own threads first, and any other by name. */
const job = useJob();
interface Shown {
  readonly key: string;
  readonly title: string;
  readonly side: 'external' | 'internal';
  readonly thread: NamedThread | null;
  readonly problem: string;
  readonly length: number | null;
  /** Its form is not known by its name. */
  readonly guessed: boolean;
}
function named(text: string): Pick<Shown, 'thread' | 'problem'> {
  try {
    return { thread: threadNamed(text), problem: '' };
  } catch (error) {
    if (error instanceof AnelloError) return { thread: null, problem: error.message };
    throw error;
  }
}
const own = computed<Shown[]>(() =>
  (job.document?.features ?? []).flatMap((f) => {
    if (!isThread(f)) return [];
    const read = named(f.designation);
    // A thread with its own figures needs no name to be worked out.
    const typed: NamedThread | null =
      f.diameter && f.pitch
        ? {
            form: read.thread?.form ?? 'metric',
            diameter: f.diameter.value,
            pitch: f.pitch.value,
            name: f.designation,
            hand: read.thread?.hand ?? 'right',
            class: read.thread?.class ?? null,
          }
        : null;
    return [
      {
        key: f.id,
        title: `${f.name}, ${f.designation}`,
        side: f.side,
        thread: typed ?? read.thread,
        problem: typed ? '' : read.problem,
        length: f.length?.value ?? null,
        guessed: typed !== null && read.thread === null,
      },
    ];
  }),
);
const other = useHeld(HELD.thread(job.id), '');
const otherRead = computed(() => (other.value.trim() ? named(other.value) : { thread: null, problem: '' }));
</script>

<template>
  <section class="ends" aria-label="Ends and threads">
    <template v-for="one in own" :key="one.key">
      <NoticeText v-if="one.guessed" tone="plain"
        >{{ one.title }}: no known thread by that name, so it is taken as a metric 60° form with its own
        diameter and pitch.</NoticeText
      >
      <NoticeText v-if="one.problem" tone="bad">{{ one.title }}: {{ one.problem }}</NoticeText>
      <InsideThread
        v-else-if="one.thread && one.side === 'internal'"
        :title="one.title"
        :thread="one.thread"
        :threaded="one.length"
      />
      <OutsideThreadCard
        v-else-if="one.thread"
        :title="one.title"
        :thread="one.thread"
        :threaded="one.length"
      />
    </template>
    <v-text-field
      v-model="other"
      class="figures-in"
      label="Another thread, by name: M12, 1/2-13 UNC, 5/8 BSW"
      autocomplete="off"
      :error-messages="otherRead.problem"
    />
    <template v-if="otherRead.thread">
      <InsideThread :title="`${otherRead.thread.name}, tapped`" :thread="otherRead.thread" :threaded="null" />
      <OutsideThreadCard
        :title="`${otherRead.thread.name}, cut outside`"
        :thread="otherRead.thread"
        :threaded="null"
      />
    </template>
    <EndRules />
  </section>
</template>

<style scoped>
.ends {
  display: grid;
  gap: 14px;
}
</style>
