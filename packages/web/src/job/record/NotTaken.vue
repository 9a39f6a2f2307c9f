<script setup lang="ts">
import { describeRecord } from '@anello/core/job';
import type { KeptRecord } from '@anello/core/job';
import { computed } from 'vue';
import type { Waiting } from '../../data/db';
import { newId } from '../../data/newId';
import { useJob } from '../../data/stores/job';
import { useOutbox } from '../../data/stores/outbox';
import PhraseText from '../../ui/PhraseText.vue';

/** What was kept here and the server would not take, in full, with why: sent again, changed, or thrown away. */
const props = defineProps<{ /** Left out on the rack: what belongs to no job. */ jobId?: string }>();
const job = useJob();
const outbox = useOutbox();
const jobOf = (item: Waiting): string | undefined =>
  (item.body as { jobId?: string | null } | null)?.jobId ?? undefined;
const mine = computed(() => outbox.refused.filter((w) => jobOf(w) === props.jobId));
const late = computed(() => outbox.waiting.filter((w) => w.broke && jobOf(w) === props.jobId));
const lost = computed(() => (props.jobId ? job.lost : []));

const recordOf = (item: Waiting): KeptRecord | null =>
  item.url === '/api/records' ? (item.body as KeptRecord | null) : null;
/** What waits besides records. */
const BESIDES: Readonly<Record<string, string>> = {
  '/api/settings': 'What a lathe was set to',
  '/api/practice-runs': 'A run at the practice lathe',
};
const said = (item: Waiting) => {
  const record = recordOf(item);
  if (record) return describeRecord(record);
  return [BESIDES[item.url] ?? 'Something torn'];
};

async function sendAgain(item: Waiting): Promise<void> {
  await outbox.again(item);
  if (props.jobId) await job.open(props.jobId);
}

/** As made now, on the piece in work: what was wrong about its time or its piece is put right by that. */
async function keepNow(item: Waiting): Promise<void> {
  const record = recordOf(item);
  if (!record || !props.jobId) return;
  const then = { ...record, id: newId(), piece: job.piece, at: new Date().toISOString() };
  await outbox.again(item, then);
  await job.open(props.jobId);
}
</script>

<template>
  <section
    v-if="mine.length || late.length || lost.length"
    class="sheet held-up"
    aria-label="Not on the server"
  >
    <template v-if="lost.length">
      <p>
        <strong>The server no longer has {{ lost.length }} of the things it had kept for this job</strong>, as
        when an older copy was put back. They are still here.
      </p>
      <p class="row">
        <v-btn @click="job.settleLost('send')">Send them again</v-btn>
        <v-btn variant="text" @click="job.settleLost('leave')">Leave them</v-btn>
      </p>
    </template>
    <div v-for="item in mine" :key="item.seq" class="item">
      <p>
        <strong>Not taken:</strong> <PhraseText :phrase="said(item)" /><template v-if="recordOf(item)"
          >, piece {{ recordOf(item)?.piece }}</template
        >. Why:
        {{ item.refused?.sentence }}
      </p>
      <p class="row">
        <v-btn @click="sendAgain(item)">Send it again</v-btn>
        <v-btn v-if="recordOf(item) && jobId" @click="keepNow(item)"
          >Keep it as made now, on piece {{ job.piece }}</v-btn
        >
        <v-btn variant="text" @click="outbox.dismiss(item.seq as number)">Throw it away</v-btn>
      </p>
    </div>
    <p v-for="item in late" :key="item.seq" class="quiet">
      The server broke on one thing kept here (<PhraseText :phrase="said(item)" />). It is held and tried
      again; the rest goes on.
    </p>
  </section>
</template>
