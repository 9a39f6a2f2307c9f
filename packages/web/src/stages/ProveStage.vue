<script setup lang="ts">
import {
  AnelloError,
  advanceFromInfeed,
  angle,
  angleFromContact,
  length,
  nextNudge,
  ofKind,
  readContact,
  stockFromStandOff,
  type AngleEstimate,
  type Contact,
} from '@anello/core';
import { computed, ref } from 'vue';
import { useCut } from '../composables/useCut';
import { useJobModel } from '../composables/useJobModel';
import { useStageScreen } from '../composables/useStageScreen';
import FigureText from '../parts/FigureText.vue';
import HowWorked from '../parts/HowWorked.vue';
import NoticeText from '../parts/NoticeText.vue';
import PhraseText from '../parts/PhraseText.vue';
import { useJob } from '../stores/job';
import { usePreferences } from '../stores/preferences';
import type { BarRequest } from '../stores/screen';
import ContactPicks from './ContactPicks.vue';
import NoTaper from './NoTaper.vue';
import VerdictPanel from './VerdictPanel.vue';

/** In the sleeve: how far it stands off, where it touches, what that means and what to do next. */
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const cut = useCut();
const asking = ref<'standOff' | 'swing'>('standOff');

const task = computed(() => model.taper.value?.task ?? null);
const standOffs = computed(() => ofKind(job.records, 'stand-off', job.piece));
const now = computed(() => standOffs.value.at(-1)?.body ?? null);
const left = computed(() =>
  now.value && task.value
    ? stockFromStandOff({ standOff: now.value.seen, halfAngle: task.value.halfAngle })
    : null,
);
const onDial = computed(() => (left.value ? cut.onDial(Math.max(0, left.value.diameter)) : null));
const allowed = computed(() => job.document?.tolerance.standOff.value ?? 0);
const atLine = computed(() => now.value !== null && Math.abs(now.value.seen) <= allowed.value);
const past = computed(() => now.value !== null && now.value.seen < -allowed.value);
const mate = computed(() => job.document?.mate || (task.value?.member === 'internal' ? 'plug' : 'sleeve'));

const contacts = computed(() => ofKind(job.records, 'contact', job.piece));
const contact = computed(() => contacts.value.at(-1)?.body ?? null);
const cause = computed(() =>
  contact.value && task.value ? readContact(task.value.member, contact.value.contact) : null,
);
const distance = computed(() => task.value?.length ?? 0);
const estimate = computed(() => (contact.value ? estimateFrom(contact.value) : null));

/** Throws when the swing is more than the whole taper: said at the bar, before anything is kept. */
function angleNow(seen: {
  contact: Contact;
  swing: number | null;
  distance: number | null;
}): AngleEstimate | null {
  if (!task.value) return null;
  return angleFromContact({
    member: task.value.member,
    contact: seen.contact,
    halfAngle: task.value.halfAngle,
    swing: seen.swing ?? undefined,
    distance: seen.distance ?? undefined,
    band: task.value.tolerance.halfAngle,
  });
}

/** A swing kept for another taper may be impossible for this one: then it says nothing. */
function estimateFrom(seen: Parameters<typeof angleNow>[0]): AngleEstimate | null {
  try {
    return angleNow(seen);
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}
const nudge = computed(() => {
  if (!estimate.value || estimate.value.basis === 'none' || !model.way.value || !model.context.value)
    return null;
  return nextNudge(model.way.value, model.context.value, estimate.value.halfAngle, distance.value);
});

async function keepContact(picture: Contact, swing: number | null = null): Promise<void> {
  if (!task.value) return;
  await job.keep({
    kind: 'contact',
    contact: picture,
    halfAngle: task.value.halfAngle,
    swing,
    distance: swing === null ? null : distance.value,
  });
}
const canClock = computed(() => cause.value?.cause === 'too-steep' || cause.value?.cause === 'too-shallow');

function barRequest(): BarRequest | null {
  if (!task.value) return null;
  const defaultUnit = preferences.units === 'mm' ? ('mm' as const) : ('in' as const);
  if (asking.value === 'swing' && contact.value && canClock.value) {
    const { contact: picture } = contact.value;
    return {
      key: `${job.id}.${job.piece}.swing`,
      label: 'Swing at the loose end',
      dimension: 'length',
      defaultUnit,
      hint: 'Total swing on the indicator, rocking it by hand.',
      keep: async ({ value }) => {
        const swing = Math.abs(value);
        angleNow({ contact: picture, swing, distance: distance.value });
        await keepContact(picture, swing);
        asking.value = 'standOff';
      },
    };
  }
  const { halfAngle } = task.value;
  return {
    key: `${job.id}.${job.piece}.standoff`,
    label: 'Stand-off now',
    dimension: 'length',
    defaultUnit,
    hint: 'From the gauge line; minus when it has gone past.',
    judge: (value) => {
      const stock = stockFromStandOff({ standOff: value, halfAngle });
      return {
        phrase: [
          length(Math.abs(stock.diameter), 0.001),
          stock.diameter >= 0 ? ' left on diameter' : ' past on diameter',
        ],
        tone: Math.abs(value) <= allowed.value ? 'good' : value < 0 ? 'bad' : 'plain',
      };
    },
    keep: async ({ value }, text) => {
      await job.keep({
        kind: 'stand-off',
        seen: value,
        halfAngle,
        diameterLeft: stockFromStandOff({ standOff: value, halfAngle }).diameter,
        typed: text,
      });
    },
  };
}

/** Keeps the infeed the stand-off asks for as a pass, so the countdown goes on from it. */
async function cutIt(): Promise<void> {
  if (!onDial.value || !cut.state.value) return;
  await cut.keepPass(cut.state.value.dial + onDial.value.figure.value, '');
}
const advance = computed(() => {
  const dial = model.lathe.value?.dial;
  return dial && task.value
    ? advanceFromInfeed({ infeed: dial.division, dial: dial.reads, halfAngle: task.value.halfAngle }).advance
    : 0;
});
const working = computed(() => {
  if (!now.value || !task.value || !left.value) return [];
  return [
    {
      tex: '#0 \\times 2\\tan #1 = #2',
      figures: [
        length(now.value.seen, 0.01),
        angle(task.value.halfAngle),
        length(left.value.diameter, 0.001),
      ],
      note: ['left on diameter'] as const,
    },
  ];
});

useStageScreen({
  bar: barRequest,
  across: () =>
    onDial.value && left.value && left.value.diameter > 0
      ? {
          step: ['Still to feed'],
          label: 'on the dial',
          figure: onDial.value.figure,
          band: [length(now.value?.seen ?? 0, 0.01), ' to the line'],
        }
      : null,
  marks: () => ({
    ...(now.value ? { standOff: now.value.seen } : {}),
    ...(contact.value ? { contact: contact.value.contact } : {}),
  }),
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Trying it in its mate">
      <article v-if="task" class="card sheet" aria-live="polite">
        <h2 v-if="!now">Clean both, try it in the {{ mate }}, and read how far it stands off</h2>
        <h2 v-else-if="past">Gone past its line</h2>
        <h2 v-else-if="atLine">It stands at its line</h2>
        <h2 v-else>Feed this much more, then clean and try again</h2>
        <template v-if="left && onDial && now">
          <div class="figures">
            <div v-if="!past">
              <p class="label">
                {{
                  model.lathe.value?.dial.reads === 'diameter'
                    ? 'On the dial, reads diameter'
                    : 'On the dial, reads radius'
                }}
              </p>
              <p class="big"><FigureText :figure="onDial.figure" large /></p>
              <p class="other quiet">
                {{ onDial.divisions }} {{ onDial.divisions === 1 ? 'division' : 'divisions' }} · left over
                <FigureText :figure="length(onDial.leftOver, 0.001)" /> on diameter
              </p>
            </div>
            <div>
              <p class="label">{{ left.diameter >= 0 ? 'Left on diameter' : 'Past on diameter' }}</p>
              <p class="middle"><FigureText :figure="length(Math.abs(left.diameter), 0.001)" /></p>
              <p class="other quiet">
                stands <FigureText :figure="length(Math.abs(now.seen), 0.01)" />
                {{ now.seen >= 0 ? 'off the line' : 'past the line' }}
              </p>
            </div>
          </div>
          <p v-if="past" class="past">
            It cannot be put back. What may save it: face the mouth or shorten the large end, if the drawing
            allows <FigureText :figure="length(Math.abs(now.seen), 0.01)" />; otherwise record it with its
            cause.
          </p>
          <p v-else class="quiet">
            One division of the dial moves it <FigureText :figure="length(advance, 0.01)" />. Stop one
            division short rather than one past.
          </p>
          <v-btn
            v-if="!past && !atLine && onDial.divisions > 0 && cut.state.value"
            class="cut-it"
            @click="cutIt"
            >Fed {{ onDial.divisions }} {{ onDial.divisions === 1 ? 'division' : 'divisions' }}: keep the
            pass</v-btn
          >
        </template>
        <p v-else class="quiet">
          Feel for shake first. Straight in and straight out: never turn a plug gauge in a bore.
        </p>
        <p v-if="standOffs.length > 1" class="tries">
          Stand-off, try by try:
          <template v-for="(t, i) in standOffs" :key="t.id"
            ><FigureText :figure="length(t.body.seen, 0.01)" />{{
              i < standOffs.length - 1 ? ' → ' : ''
            }}</template
          >
        </p>
      </article>
      <NoTaper v-else-if="!model.taperError.value" />
      <VerdictPanel
        :at-line="atLine"
        :angle-right="cause?.cause === 'angle-right'"
        :past="past"
        :has-taper="task !== null"
      />
    </section>
    <aside v-if="task" class="side">
      <h2 class="label">Where did it touch?</h2>
      <ContactPicks
        :picked="contact?.contact ?? null"
        :member="task.member"
        @pick="(picture) => keepContact(picture)"
      />
      <template v-if="cause">
        <NoticeText :tone="cause.cause === 'angle-right' ? 'good' : 'warn'"
          ><strong>{{ cause.headline }}</strong> {{ cause.reason }} {{ cause.next }}</NoticeText
        >
        <div v-if="nudge" class="nudge sheet">
          <p class="label">{{ estimate?.basis === 'clocked' ? 'Nudge' : 'A first trial nudge' }}</p>
          <p class="amount"><FigureText :figure="nudge.amount" large /></p>
          <p>
            {{ nudge.place }}, <strong>{{ nudge.direction }}</strong>
          </p>
          <p class="quiet">
            <PhraseText :phrase="nudge.because" />
            <template v-if="estimate?.basis === 'trial-step'"
              >Not measured: one good-enough band. Clock the swing to know how much.</template
            >
          </p>
        </div>
        <v-btn
          v-if="canClock"
          :aria-pressed="asking === 'swing'"
          @click="asking = asking === 'swing' ? 'standOff' : 'swing'"
          >{{ asking === 'swing' ? 'Back to the stand-off' : 'Clock the swing at the loose end' }}</v-btn
        >
      </template>
      <template v-if="working.length || nudge">
        <h2 class="label">How it is worked</h2>
        <HowWorked :lines="[...working, ...(nudge?.working ?? [])]" />
      </template>
    </aside>
  </div>
</template>

<style scoped>
.card {
  border: 2px solid var(--blue);
  padding: 16px 20px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.card h2 {
  font-size: 20px;
  font-weight: 650;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 56px;
}
.big {
  font-size: 60px;
  font-weight: 650;
  line-height: 1.08;
}
.middle {
  font-size: 34px;
  font-weight: 600;
  line-height: 1.9;
}
.other {
  font-size: 14.5px;
}
.past {
  color: var(--red);
  font-weight: 600;
  max-width: 64ch;
}
.tries {
  font-size: 15px;
  color: var(--ink-2);
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  width: 100%;
}
.nudge {
  padding: 12px 16px;
  border: 1.5px solid var(--brass-edge);
}
.amount {
  font-size: 34px;
  font-weight: 650;
  line-height: 1.15;
}
@media (max-width: 560px) {
  .big {
    font-size: 46px;
  }
}
</style>
