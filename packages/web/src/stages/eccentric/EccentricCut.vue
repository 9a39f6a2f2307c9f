<script setup lang="ts">
import type { Entry } from '@anello/contract';
import {
  AnelloError,
  balance,
  carriagePositions,
  count,
  counterweight,
  endOn,
  feedAndSpeed,
  length,
  materialNamed,
  ofKind,
  plainText,
  pullAt,
  setScrew,
  tapDrill,
  threadNamed,
  type EccentricPart,
  type RoundMass,
} from '@anello/core';
import { computed, onMounted } from 'vue';
import { useEccentric } from '../../composables/useEccentric';
import { useJobModel } from '../../composables/useJobModel';
import { useStageScreen } from '../../composables/useStageScreen';
import FigureText from '../../parts/FigureText.vue';
import NoticeText from '../../parts/NoticeText.vue';
import PhraseText from '../../parts/PhraseText.vue';
import QuantityField from '../../parts/QuantityField.vue';
import { useJob } from '../../stores/job';
import { useKit } from '../../stores/kit';
import { usePreferences } from '../../stores/preferences';

/** Before power, then at that setting: clearance, balance and speed, bore, carriage positions, set-screw. */
const props = defineProps<{ part: EccentricPart }>();
const job = useJob();
const kit = useKit();
const preferences = usePreferences();
const model = useJobModel();
const desk = useEccentric();
onMounted(() => void (kit.loaded || kit.load()));

const seen = computed(() => endOn(props.part));
const clear = computed(() => desk.choice.value.clear?.value ?? null);
const checks = computed(() => {
  const { swing, swingOverSlide } = model.lathe.value ?? {};
  const reach = seen.value.swing / 2;
  return [
    { what: 'the bed', room: swing === undefined ? null : swing / 2 },
    { what: 'the cross-slide', room: swingOverSlide === undefined ? null : swingOverSlide / 2 },
    { what: 'the tool and its holder, drawn back', room: clear.value },
  ].map((one) => ({ ...one, left: one.room === null ? null : one.room - reach }));
});

const material = computed(() => {
  const rows = kit.core.materials;
  return (
    rows.find((m) => m.name === job.document?.cut.materialRow) ??
    materialNamed(job.document?.material ?? '', rows) ??
    rows[0] ??
    null
  );
});
/** Bored at the throw, everything else goes round off-centre: the spindle turns about the shaft's own axis. */
const masses = computed<RoundMass[]>(() => {
  const { part } = props;
  const e = { x: part.throw * Math.cos(part.phase), y: part.throw * Math.sin(part.phase) };
  const shaft = { x: 0, y: 0 };
  return [
    { axis: e, diameter: part.diameter, length: part.width },
    ...(part.hub ? [{ axis: shaft, diameter: part.hub.diameter, length: part.hub.length }] : []),
    ...(part.bore
      ? [{ axis: shaft, diameter: part.bore, length: part.width + (part.hub?.length ?? 0), hole: true }]
      : []),
  ];
});
const still = computed(() => {
  const density = material.value?.density;
  if (!density) return null;
  try {
    return balance({ masses: masses.value, spindle: { x: 0, y: 0 }, density });
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
});
const speed = computed(() => {
  if (!material.value) return null;
  const top = still.value?.topSpeed ?? Infinity;
  const all = model.lathe.value?.speeds ?? [];
  const cut = feedAndSpeed({
    material: material.value,
    tool: job.document?.cut.tool ?? 'hss',
    diameter: props.part.diameter,
    duty: { finishing: false, interrupted: true },
    speeds: all,
  });
  const wanted = Math.min(cut.rpm, top);
  const under = all.filter((s) => s <= wanted);
  return {
    byTool: cut.rpm,
    byBalance: top,
    set: under.length ? Math.max(...under) : all.length ? Math.min(...all) : wanted,
    feed: cut.feed,
  };
});
const pull = computed(() =>
  still.value && speed.value ? pullAt({ unbalance: still.value.unbalance, rpm: speed.value.set }) : 0,
);
/** The pull at each of the lathe's own speeds, up to the first that is past the limit taken. */
const pulls = computed(() => {
  if (!still.value) return [];
  const { unbalance, topSpeed } = still.value;
  const all = [...(model.lathe.value?.speeds ?? [])].sort((a, b) => a - b);
  const past = all.findIndex((rpm) => rpm > topSpeed);
  return all
    .slice(0, past === -1 ? all.length : past + 1)
    .map((rpm) => ({ rpm, pull: pullAt({ unbalance, rpm }), tooFast: rpm > topSpeed }));
});
const weight = computed(() => {
  const at = desk.choice.value.weightAt?.value;
  return at && still.value ? counterweight({ unbalance: still.value.unbalance, radius: at }) : null;
});

/** A reamer wants this left, on diameter, mm. */
const REAM = 0.2;
const LEAST_CHANGE = 1e-6;
const bore = computed(() => {
  const { bore: size } = props.part;
  if (size === null) return null;
  const drill = kit.core.drills.filter((d) => d <= size - REAM).at(-1) ?? null;
  const reamer = kit.core.reamers.find((r) => Math.abs(r - size) < LEAST_CHANGE) ?? null;
  return { size, drill, reamer };
});

const tools = computed(() => ({
  groove: desk.choice.value.grooveTool?.value ?? 3,
  part: desk.choice.value.partTool?.value ?? 3,
  land: desk.choice.value.leastLand?.value ?? 1,
}));
const rows = computed(() => {
  try {
    const found = carriagePositions({
      grooves: props.part.grooves,
      length: props.part.width + (props.part.hub?.length ?? 0),
      grooveTool: tools.value.groove,
      partTool: tools.value.part,
      leastLand: tools.value.land,
    });
    return { found, error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { found: [], error };
    throw error;
  }
});
const screw = computed(() => {
  const { bore: size, hub, phase } = props.part;
  const said = desk.choice.value.screw ?? '';
  if (!hub || size === null || said.trim() === '') return null;
  try {
    const thread = threadNamed(said);
    const hole = setScrew({ hub: hub.diameter, bore: size, thread, phase, finder: FINDER });
    const { owned, exact } = tapDrill({ thread, engagement: 0.85, drills: kit.core.drills });
    return { hole, drill: owned?.drill ?? exact, error: '' };
  } catch (error) {
    if (error instanceof AnelloError)
      return { hole: null, drill: 0, error: plainText(error.phrase, preferences.units) };
    throw error;
  }
});
/** An edge finder's tip, mm. */
const FINDER = 10;
const inDegrees = (rad: number): number => (rad * 180) / Math.PI;
const made = computed(() => new Set(ofKind(job.records, 'made', job.piece).map((r) => r.body.what)));
const BOXES = [
  { key: 'grooveTool', label: 'Grooving tool, width' },
  { key: 'partTool', label: 'Parting tool, width' },
  { key: 'leastLand', label: 'Thinnest land' },
] as const;
const toProve = `/job/${job.id}/prove`;
const setScrewText = (text: string): void => desk.change({ screw: text.trim() ? text : undefined });
const set = (key: (typeof BOXES)[number]['key'] | 'clear' | 'weightAt', next: Entry | undefined): void =>
  desk.setLength(key, next);
useStageScreen({
  across: () =>
    speed.value
      ? { step: ['Spindle, no faster than'], label: 'turns a minute', figure: count(speed.value.set) }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Cutting at the throw">
      <article v-if="speed" class="card sheet">
        <h2>Before power: swing it right round by hand</h2>
        <div class="figures">
          <div>
            <p class="label">No faster than</p>
            <p class="big"><FigureText :figure="count(speed.set)" large /></p>
            <p class="quiet">
              turns a minute: the tool asks for <FigureText :figure="count(speed.byTool)" /> at most, balance
              for
              <template v-if="Number.isFinite(speed.byBalance)"
                ><FigureText :figure="count(speed.byBalance)" /></template
              ><template v-else>any</template>
            </p>
          </div>
          <div v-if="still">
            <p class="label">Out of balance</p>
            <p class="middle"><FigureText :figure="count(pull, 0.01)" /> N</p>
            <p class="quiet">
              <FigureText :figure="count(still.mass, 0.01)" /> kg,
              <FigureText :figure="length(still.offset, 0.01)" /> off; half its own weight is the limit taken
            </p>
          </div>
        </div>
        <table>
          <thead>
            <tr>
              <th scope="col">
                The high side, out to <FigureText :figure="length(seen.swing / 2, 0.1)" />, clears
              </th>
              <th scope="col">by</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="check in checks" :key="check.what">
              <th scope="row">{{ check.what }}</th>
              <td v-if="check.left === null" class="quiet">not said</td>
              <td v-else :class="{ warned: check.left <= 0 }">
                <FigureText :figure="length(check.left, 0.1)" />{{ check.left <= 0 ? ' : it strikes' : '' }}
              </td>
            </tr>
          </tbody>
        </table>
        <details v-if="pulls.length">
          <summary>Pull at each speed of this lathe</summary>
          <table>
            <thead>
              <tr>
                <th scope="col">Turns a minute</th>
                <th scope="col">It pulls</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in pulls" :key="one.rpm">
                <th scope="row"><FigureText :figure="count(one.rpm)" /></th>
                <td :class="{ warned: one.tooFast }">
                  <FigureText :figure="count(one.pull, 0.01)" /> N{{ one.tooFast ? ', too fast' : '' }}
                </td>
              </tr>
            </tbody>
          </table>
        </details>
        <NoticeText tone="bad"
          >Guard closed, nothing loose, hand-turned a whole turn. An interrupted cut: stiff tool, small cuts,
          feed <FigureText :figure="length(speed.feed, 0.01)" /> a turn. The machine’s manual and the shop’s
          rules come first.</NoticeText
        >
      </article>
      <article v-if="bore" class="sheet panel">
        <h2>Bore at that setting</h2>
        <p>
          {{ bore.drill ? 'Drill ' : 'No drill owned is under '
          }}<strong>⌀<FigureText :figure="length(bore.drill ?? bore.size - REAM, 0.01)" /></strong>, bore
          true{{ bore.reamer ? ', then ream ' : ' to '
          }}<strong>⌀<FigureText :figure="length(bore.size, 0.01)" /></strong>
          {{
            bore.reamer
              ? 'at the same setting: the reamer follows the bore.'
              : '; no reamer of that size is owned.'
          }}
        </p>
        <div class="figures">
          <v-btn :disabled="made.has('bore')" @click="desk.keepMade('bore')">{{
            made.has('bore') ? 'Bored ✓' : 'It is bored'
          }}</v-btn>
          <v-btn :disabled="made.has('outside')" @click="desk.keepMade('outside')">{{
            made.has('outside') ? 'Outside turned ✓' : 'The outside is turned'
          }}</v-btn>
          <v-btn :disabled="made.has('groove')" @click="desk.keepMade('groove')">{{
            made.has('groove') ? 'Grooves cut ✓' : 'The grooves are cut'
          }}</v-btn>
          <v-btn :to="toProve">On to Prove</v-btn>
        </div>
      </article>
      <article class="sheet panel">
        <h2>Carriage positions from the zeroed face</h2>
        <p class="quiet">
          Zero with the tool’s headstock-side edge touching the tailstock face; figures grow toward the
          headstock.
        </p>
        <NoticeText v-if="rows.error" tone="bad">{{
          plainText(rows.error.phrase, preferences.units)
        }}</NoticeText>
        <table v-else>
          <thead>
            <tr>
              <th scope="col">Cut</th>
              <th scope="col">The sum</th>
              <th scope="col">Carriage at</th>
            </tr>
          </thead>
          <tbody>
            <template v-for="row in rows.found" :key="row.name">
              <tr>
                <th scope="row">{{ row.name }}</th>
                <td>
                  <template v-for="(one, i) in row.sum.parts" :key="i"
                    ><FigureText :figure="one" />{{
                      i < row.sum.parts.length - 1 ? ` ${row.sum.signs[i]} ` : ''
                    }}</template
                  >
                </td>
                <td>
                  <template v-for="(stand, i) in row.stands" :key="i"
                    ><strong><FigureText :figure="length(stand, 0.01)" /></strong
                    >{{ i < row.stands.length - 1 ? ', ' : '' }}</template
                  >
                </td>
              </tr>
              <tr v-if="row.warning">
                <td colspan="3" class="warned"><PhraseText :phrase="row.warning" /></td>
              </tr>
            </template>
          </tbody>
        </table>
      </article>
    </section>
    <aside class="side">
      <QuantityField
        v-for="box in BOXES"
        :key="box.key"
        :label="box.label"
        dimension="length"
        :model-value="desk.choice.value[box.key]"
        :draft-key="`${job.id}.eccentric.${box.key}`"
        @update:model-value="(next) => set(box.key, next)"
      />
      <QuantityField
        label="Axis to the tool, drawn back"
        dimension="length"
        :model-value="desk.choice.value.clear"
        :draft-key="`${job.id}.eccentric.clear`"
        @update:model-value="(next) => set('clear', next)"
      />
      <QuantityField
        label="Counterweight sits at a radius of"
        dimension="length"
        :model-value="desk.choice.value.weightAt"
        :draft-key="`${job.id}.eccentric.weightAt`"
        @update:model-value="(next) => set('weightAt', next)"
      />
      <p v-if="weight !== null && still">
        Bolt <strong><FigureText :figure="count(weight * 1000)" /> g</strong> opposite the heavy side, at
        <FigureText :figure="count(inDegrees((still.heavy + Math.PI) % (2 * Math.PI)), 0.1)" />° from zero: it
        then runs still.
      </p>
      <v-text-field
        label="Set-screw: M6, 1/4 BSW"
        class="figures-in"
        autocomplete="off"
        :model-value="desk.choice.value.screw ?? ''"
        :error-messages="screw?.error ?? ''"
        @update:model-value="setScrewText"
      />
      <p v-if="screw?.hole" class="quiet">
        Square to the throw, at <FigureText :figure="count(inDegrees(screw.hole.direction), 0.1)" />° round.
        Edge finder <FigureText :figure="length(FINDER, 0.1)" />: from touching the hub’s side move
        <FigureText :figure="length(screw.hole.fromEdge, 0.01)" />. Drill ⌀<FigureText
          :figure="length(screw.drill, 0.01)"
        />; the wall of <FigureText :figure="length(screw.hole.wall, 0.01)" /> gives
        <FigureText :figure="count(screw.hole.turns, 0.1)" /> turns{{
          screw.hole.strongEnough ? '.' : ': too few, it will strip.'
        }}
      </p>
    </aside>
  </div>
</template>

<style scoped src="./eccentric.css"></style>
