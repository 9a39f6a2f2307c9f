<script setup lang="ts">
import { length } from '@anello/core/figure';
import {
  bestWire,
  changeGears,
  driftOver,
  outsideThread,
  overWires,
  pitchFromWires,
  UNFELT_DRIFT,
  type GearTrain,
  type VeeThread,
} from '@anello/core/thread';
import { computed } from 'vue';
import { useCut } from './useCut';
import { useJobModel } from '../model/useJobModel';
import { useKeptEntries } from '../model/useKeptEntries';
import { tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import KeptBox from '../shared/KeptBox.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { usePreferences } from '../../data/stores/preferences';
import ThreadLimitsLine from './ThreadLimitsLine.vue';

/** An outside thread cut on the lathe: depth by the dial, its relief, the gears to put on, and the size over wires. */
const props = defineProps<{ title: string; thread: VeeThread; threaded: number | null }>();
const model = useJobModel();
const preferences = usePreferences();
const cut = useCut();
const shape = computed(() => outsideThread(props.thread));
const onDial = computed(() => cut.onDial(2 * shape.value.depth));
const kept = useKeptEntries(() => `wires.${props.thread.form}.${props.thread.pitch.toPrecision(5)}`);
const best = computed(() => bestWire(props.thread));
const wire = computed(() => kept.value('wire') ?? best.value);

const over = computed(() =>
  tried(() => overWires({ thread: props.thread, wire: wire.value }), preferences.units),
);
const measured = computed(() => {
  const seen = kept.value('measured');
  return seen === undefined
    ? null
    : tried(
        () => pitchFromWires({ thread: props.thread, wire: wire.value, measured: seen }),
        preferences.units,
      );
});
const trains = computed(() =>
  tried(() => {
    const { changeGears: gears = [], leadScrew = 0 } = model.lathe.value ?? {};
    return changeGears({ gears, leadScrew, pitch: props.thread.pitch });
  }, preferences.units),
);
const along = computed(() => props.threaded ?? props.thread.diameter);
const drift = (train: GearTrain): number =>
  driftOver(train, { pitch: props.thread.pitch, length: along.value });
</script>

<template>
  <article class="sheet panel">
    <h2>{{ title }}</h2>
    <div class="figures">
      <div>
        <p class="label">Feed straight in, by the dial</p>
        <p class="big"><FigureText :figure="onDial.figure" large /></p>
        <p class="quiet">
          <FigureText :figure="length(shape.depth, 0.001)" /> deep on radius; core
          <FigureText :figure="length(shape.core, 0.01)" />
        </p>
      </div>
      <div>
        <p class="label">Relief to run out into</p>
        <p class="middle">
          ⌀<FigureText :figure="length(shape.relief.diameter, 0.1)" /> ×
          <FigureText :figure="length(shape.relief.width, 0.1)" />
        </p>
      </div>
      <div v-if="over.found">
        <p class="label">Over three wires of <FigureText :figure="length(wire, 0.001)" /></p>
        <p class="middle"><FigureText :figure="length(over.found.over, 0.001)" /></p>
        <p class="quiet">pitch diameter <FigureText :figure="length(over.found.pitchDiameter, 0.001)" /></p>
      </div>
    </div>
    <div class="boxes">
      <KeptBox :entries="kept" name="wire" label="Wires you have" :error="over.said || undefined" />
      <KeptBox
        :entries="kept"
        name="measured"
        label="Measured over them"
        :error="measured?.field === 'measured' ? measured.said : undefined"
      />
    </div>
    <p v-if="measured?.found" role="status">
      <strong><FigureText :figure="length(Math.abs(measured.found.left), 0.001)" /></strong>
      {{ measured.found.left >= 0 ? 'still on the pitch diameter.' : 'under the basic pitch diameter.' }}
    </p>
    <ThreadLimitsLine :thread="thread" side="external" />
    <p class="quiet">Best wire <FigureText :figure="length(best, 0.001)" />: it touches at the pitch line.</p>
    <template v-if="trains.found">
      <p class="label">Change gears owned that cut it, spindle to lead screw</p>
      <table>
        <thead>
          <tr>
            <th scope="col">Drivers</th>
            <th scope="col">Driven</th>
            <th scope="col">Cuts a pitch of</th>
            <th scope="col">Out over the thread</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="train in trains.found" :key="`${train.drivers}/${train.driven}`">
            <td class="fig">{{ train.drivers.join(' × ') }}</td>
            <td class="fig">{{ train.driven.join(' × ') }}</td>
            <td><FigureText :figure="length(train.pitch, 0.0001)" /></td>
            <td>
              {{ Math.abs(drift(train)) < 5e-5 ? 'exact' : '' }}
              <FigureText
                v-if="Math.abs(drift(train)) >= 5e-5"
                :figure="length(drift(train), 0.0001, { signed: true })"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <NoticeText v-if="trains.found[0] && Math.abs(drift(trains.found[0])) > UNFELT_DRIFT" tone="warn"
        >No train owned cuts it true: a long nut will bind.</NoticeText
      >
    </template>
    <p v-else class="quiet">{{ trains.said }}</p>
    <p class="quiet">Stop the spindle to measure. A chuck screwed on its nose can come off in reverse.</p>
  </article>
</template>

<style scoped src="../../ui/panel.css"></style>
