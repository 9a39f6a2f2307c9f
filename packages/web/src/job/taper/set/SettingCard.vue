<script setup lang="ts">
import { length } from '@anello/core/figure';
import { USUAL_INDICATOR } from '@anello/core/machine';
import { withinBand, type Station } from '@anello/core/setting';
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import { useJobModel } from '../../model/useJobModel';
import type { SettingDesk } from './useSetting';
import ScaleNote from './ScaleNote.vue';
import { drawn } from '../../../drawing/dimensions';
import FigureText from '../../../ui/FigureText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { usePreferences } from '../../../data/stores/preferences';

/** The current card: a verb and a place, the figures, what is good enough, and what was seen. */
const props = defineProps<{ desk: SettingDesk }>();
const model = useJobModel();
const preferences = usePreferences();
/** Fetched where it is asked: by few cards. */
const EitherHandle = defineAsyncComponent(() => import('./EitherHandle.vue'));
const step = computed(() => props.desk.step.value);
const card = ref<HTMLElement | null>(null);
watch(
  () => step.value?.id,
  () => void nextTick(() => card.value?.scrollIntoView?.({ block: 'nearest' })),
);
const sweep = computed(() => step.value?.sweep ?? null);
const resolution = computed(() => sweep.value?.resolution ?? USUAL_INDICATOR);
const current = computed(() => props.desk.tries.value.at(-1)?.readings ?? []);
const earlier = computed(() => props.desk.tries.value.slice(0, -1));
const last = computed(() => sweep.value?.stations.at(-1) ?? null);
const seenAt = (station: Station): number | undefined =>
  [...current.value].reverse().find((r) => r.body.at === station.at)?.body.seen;
const seenIn = (readings: (typeof current)['value'], station: Station): number | undefined =>
  [...readings].reverse().find((r) => r.body.at === station.at)?.body.seen;
const good = (seen: number, station: Station): boolean => withinBand(seen, station, resolution.value);
const off = (seen: number, station: Station): string => (seen > station.expected ? '▲' : '▼');
</script>

<template>
  <article v-if="step" ref="card" class="card sheet" aria-live="polite">
    <h2><PhraseText :phrase="step.title" /></h2>
    <p class="quiet detail"><PhraseText :phrase="step.detail" /></p>
    <ScaleNote :step="step" />
    <div class="figures">
      <div v-for="item in step.figures" :key="item.label">
        <p class="label">{{ item.label }}</p>
        <p class="big">
          <FigureText :figure="item.figure" large />
          <span v-if="item.after" class="after">{{ item.after }}</span>
        </p>
        <p class="other quiet">
          <FigureText v-if="item.figure.quantity === 'length'" :figure="item.figure" other /><template
            v-if="item.figure.quantity === 'length' && item.also"
          >
            · </template
          ><PhraseText v-if="item.also" :phrase="item.also" />
        </p>
      </div>
      <div v-if="last" class="band">
        <p class="label">Good enough between</p>
        <p class="between">
          <FigureText :figure="length(last.low, resolution, { bare: true })" /> –
          <FigureText :figure="length(last.high, resolution)" />
        </p>
        <p v-if="step.bandNote" class="other quiet"><PhraseText :phrase="step.bandNote" /></p>
      </div>
    </div>
    <EitherHandle v-if="sweep?.eitherHandle" v-model="model.measuredAlong.value" class="handles" />
    <div v-if="sweep" class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ sweep.label }}</th>
            <th v-if="sweep.onPart" scope="col" class="fig zero">0</th>
            <th v-for="station in sweep.stations" :key="station.at" scope="col">
              <span v-if="sweep.onPart" class="fig"
                >{{ drawn(station.at, preferences.units)
                }}{{ station === last ? ` ${preferences.units === 'mm' ? 'mm' : 'in'}` : '' }}</span
              ><template v-else>reads</template>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Should read</th>
            <td v-if="sweep.onPart" class="zero">
              <FigureText :figure="length(0, resolution, { bare: true })" />
            </td>
            <td v-for="station in sweep.stations" :key="station.at">
              <FigureText :figure="length(station.expected, resolution, { bare: true })" />
            </td>
          </tr>
          <tr v-for="(attempt, n) in earlier" :key="n" class="before">
            <th scope="row">Try {{ n + 1 }}</th>
            <td v-if="sweep.onPart" class="zero" />
            <td v-for="station in sweep.stations" :key="station.at">
              <FigureText
                v-if="seenIn(attempt.readings, station) !== undefined"
                :figure="length(seenIn(attempt.readings, station)!, resolution, { bare: true })"
              />
            </td>
          </tr>
          <tr>
            <th scope="row">You saw</th>
            <td v-if="sweep.onPart" class="zero">
              <FigureText :figure="length(0, resolution, { bare: true })" />
            </td>
            <td v-for="station in sweep.stations" :key="station.at">
              <button
                type="button"
                class="plain seen"
                :class="{
                  next: station.at === desk.nextStation.value?.at,
                  good: seenAt(station) !== undefined && good(seenAt(station)!, station),
                  bad: seenAt(station) !== undefined && !good(seenAt(station)!, station),
                }"
                :aria-label="seenAt(station) === undefined ? 'Read this station' : 'Read this station again'"
                @click="desk.aimAt(station.at)"
              >
                <template v-if="seenAt(station) !== undefined"
                  ><FigureText :figure="length(seenAt(station)!, resolution, { bare: true })" />
                  <span aria-hidden="true">{{
                    good(seenAt(station)!, station) ? '✓' : off(seenAt(station)!, station)
                  }}</span></template
                >
                <template v-else>–</template>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </article>
</template>

<style scoped>
.card {
  border: 2px solid var(--blue);
  padding: 12px 20px 8px;
}
h2 {
  font-size: 20px;
  font-weight: 650;
}
.detail {
  margin-top: 2px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(230px, 100%), 1fr));
  gap: 2px 28px;
  margin-top: 6px;
}
.big {
  font-size: 52px;
  font-weight: 650;
  line-height: 1.08;
}
.after {
  font-size: 18px;
  font-weight: 500;
  color: var(--ink-2);
}
.between {
  font-size: 30px;
  font-weight: 600;
  line-height: 1.73;
  color: var(--green);
}
.other {
  font-size: 14.5px;
}
.band .other {
  max-width: 34ch;
}
.handles {
  margin-top: 8px;
  height: auto;
  flex-wrap: wrap;
  gap: 8px;
}
.scroll {
  margin-top: 4px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: right;
  padding: 4px 12px;
  border-top: 1px solid var(--rule);
  height: 34px;
  font-weight: 400;
}
thead th {
  border-top: 0;
  font-weight: 600;
  font-size: 14.5px;
  color: var(--ink-2);
  height: 26px;
}
th:first-child {
  text-align: left;
  padding-left: 2px;
  white-space: nowrap;
}
.before {
  color: var(--ink-2);
}
.seen {
  min-width: 96px;
  min-height: 48px;
  text-align: right;
  padding: 0 10px;
  border-radius: 8px;
  font-family: var(--figures);
}
.seen.next {
  border: 2px solid var(--blue);
  background: var(--field);
}
.seen.good {
  color: var(--green);
  font-weight: 600;
}
.seen.bad {
  color: var(--red);
  font-weight: 700;
}
@media (max-width: 1100px) {
  .big {
    font-size: 42px;
  }
  .between {
    font-size: 25px;
  }
  .figures {
    grid-template-columns: repeat(auto-fit, minmax(min(210px, 100%), 1fr));
  }
}
@media (max-width: 560px) {
  .card {
    padding: 12px;
  }
  .big {
    font-size: 42px;
  }
  th,
  td {
    padding: 4px 3px;
    font-size: 14px;
  }
  .seen {
    min-width: 68px;
    padding: 0 4px;
    white-space: nowrap;
  }
  table .zero {
    display: none;
  }
}
</style>
