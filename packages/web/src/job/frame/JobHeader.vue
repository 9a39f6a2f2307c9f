<script setup lang="ts">
import { angle } from '@anello/core/figure';
import { DEVICE_NAMES } from '@anello/core/machine';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import { isPractice } from '../../data/practice/names';
import { useJob } from '../../data/stores/job';
import { useLive } from '../../data/live';
import { useOutbox } from '../../data/stores/outbox';
import { usePreferences } from '../../data/stores/preferences';
import FigureText from '../../ui/FigureText.vue';
import SaveState from './SaveState.vue';
import WaitingFile from '../../files/WaitingFile.vue';
import NotesBox from '../notes/NotesBox.vue';
import WhoBox from './WhoBox.vue';

/** Which job, which piece, what the lathe is still set to, whose hands, which units. */
const job = useJob();
const outbox = useOutbox();
const preferences = usePreferences();
const live = useLive();
const model = useJobModel();

const still = computed(() => {
  const rows = model.stillSet.value;
  return rows.find((row) => row.device === model.way.value) ?? rows[0] ?? null;
});
/** Who else has this job open; the same initials are another screen of the same hands. */
const others = computed(() => [
  ...new Set(
    live.others.map((who) =>
      who === '' ? 'somebody' : who === preferences.operator ? `${who} on another screen` : who,
    ),
  ),
]);
const day = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
</script>

<template>
  <header v-if="job.document" class="top">
    <div class="head">
      <span class="fig number">{{ job.document.number }}</span>
      <h1 :title="job.document.title">{{ job.document.title }}</h1>
      <span class="piece quiet">piece {{ job.piece }} of {{ job.document.quantity }}</span>
      <SaveState />
      <span v-if="others.length" class="others" role="status">{{ others.join(', ') }} here too</span>
      <span class="push" />
      <span v-if="model.lathe.value" class="still">
        <span class="dot" :class="{ none: !still }" aria-hidden="true" />{{ model.lathe.value.name }}
        <template v-if="still">
          · {{ DEVICE_NAMES[still.device] }} still at <FigureText :figure="angle(still.halfAngle)" /><span
            class="day"
            >, {{ day(still.at) }}</span
          ></template
        >
        <template v-else> · nothing set</template>
      </span>
      <NotesBox v-if="!isPractice(job.id)" />
      <WhoBox />
      <span class="units" role="group" aria-label="Units">
        <button
          type="button"
          class="plain"
          :aria-pressed="preferences.units === 'mm'"
          @click="preferences.units = 'mm'"
        >
          mm
        </button>
        <button
          type="button"
          class="plain"
          :aria-pressed="preferences.units === 'inch'"
          @click="preferences.units = 'inch'"
        >
          inch
        </button>
      </span>
    </div>
    <p v-if="outbox.away || outbox.count > 0" class="away" role="status">
      <template v-if="outbox.away"
        >Server away<template v-if="outbox.count">, {{ outbox.count }} kept here</template> <WaitingFile
      /></template>
      <template v-else>Sending {{ outbox.count }}…</template>
    </p>
  </header>
</template>

<style scoped>
.top {
  background: var(--paper);
  border-bottom: 1px solid var(--rule);
  min-width: 0;
}
/* As high whatever the title: it gives way first. */
.head {
  display: flex;
  align-items: center;
  gap: 6px 14px;
  min-height: 56px;
  padding: 4px 16px;
}
.number {
  color: var(--ink-2);
  font-size: 17px;
}
h1 {
  font-size: 19px;
  font-weight: 650;
  min-width: 120px;
  /* It gives way long before what the lathe is still set to does. */
  flex-shrink: 1000;
  line-height: 1.2;
  /* Two lines are what the bar has room for. */
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.piece {
  font-size: 15.5px;
  white-space: nowrap;
}
.others {
  flex: none;
  font-size: 14.5px;
  padding: 3px 10px;
  border-radius: 999px;
  border: 1px solid var(--blue);
  color: var(--blue);
  white-space: nowrap;
}
.push {
  flex: 1;
}
.still {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-size: 14.5px;
  border: 1px solid var(--rule-2);
  background: var(--sheet);
  border-radius: 8px;
  padding: 7px 12px;
  white-space: nowrap;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  flex: 0 2 auto;
}
.dot {
  flex: none;
  width: 9px;
  height: 9px;
  border-radius: 50%;
  background: var(--green);
  margin-right: 2px;
}
.dot.none {
  background: none;
  border: 2px solid var(--ink-2);
}
.units {
  display: inline-flex;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  overflow: hidden;
  background: var(--sheet);
}
.units button {
  min-width: 54px;
  min-height: 46px;
  text-align: center;
  font-weight: 600;
  font-size: 15px;
}
.units [aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.away {
  padding: 0 16px;
  font-size: 14.5px;
  color: var(--brass);
  padding-bottom: 4px;
}
@media (max-width: 1360px) {
  .still .day {
    display: none;
  }
  .head {
    gap: 6px 10px;
  }
}
@media (max-width: 1040px) {
  h1 {
    font-size: 17px;
  }
  .piece {
    font-size: 14.5px;
  }
}
@media (max-width: 860px) {
  .head {
    flex-wrap: wrap;
  }
  h1 {
    white-space: normal;
  }
  .still {
    order: 5;
  }
}
@media (max-width: 560px) {
  .head {
    padding: 4px 10px;
  }
  h1 {
    font-size: 17px;
  }
  .still {
    white-space: normal;
  }
  .push {
    display: none;
  }
}
</style>
