<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { count, temperature } from '@anello/core/figure';
import { soakMinutes, TEMPER_COLOURS, TOOL_STEELS } from '@anello/core/form-tool';
import { computed } from 'vue';
import { useKeptEntries } from '../model/useKeptEntries';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import KeptBox from '../shared/KeptBox.vue';
import MethodPicks from '../../ui/MethodPicks.vue';
import NoticeText from '../../ui/NoticeText.vue';
import HeatSpan from './HeatSpan.vue';
import { usePreferences } from '../../data/stores/preferences';

/** Hardening and tempering a form tool: heats by colour and figure, in order, for the steel at hand. */
const model = useJobModel();
const preferences = usePreferences();
const kept = useKeptEntries(() => `hardening.${model.key.value}`);
const steelId = useHeld<string>(HELD.steel, TOOL_STEELS[0]?.id ?? '');
const steel = computed(() => TOOL_STEELS.find((s) => s.id === steelId.value) ?? TOOL_STEELS[0]);
const soak = computed(() => {
  const thick = kept.value('thickness');
  return thick === undefined ? NOTHING_TRIED : tried(() => soakMinutes(thick), preferences.units);
});
const tempers = computed(() =>
  TEMPER_COLOURS.map((c) => ({
    ...c,
    wanted: steel.value !== undefined && c.at >= steel.value.temper[0] && c.at <= steel.value.temper[1],
  })),
);
</script>

<template>
  <div class="split">
    <section v-if="steel" class="main" aria-label="Hardening">
      <article class="sheet panel">
        <h2>Harden it, where the maker’s sheet says no otherwise</h2>
        <MethodPicks v-model="steelId" label="The steel" :methods="TOOL_STEELS" />
        <div class="figures">
          <div>
            <p class="label">Heat to</p>
            <p class="middle fig"><HeatSpan :of="steel.harden" /></p>
            <p class="quiet">{{ steel.colour }}, seen in shade</p>
          </div>
          <div>
            <p class="label">Temper a form tool at</p>
            <p class="middle fig"><HeatSpan :of="steel.temper" /></p>
          </div>
        </div>
        <ol>
          <li>
            Cut, file and stone it to size first, a hair left for the hone; no sharp inner corner, no deep
            scratch, no stamp near the edge.
          </li>
          <li>
            Wire it so that it hangs edge down. Warm it through slowly, to <HeatSpan :of="steel.preheat" />.
          </li>
          <li>
            Up to the colour, evenly, thick parts first; a magnet lets go a little before it. Hold it there
            <template v-if="soak.found !== null"
              ><strong><FigureText :figure="count(soak.found)" /> minutes</strong></template
            ><template v-else>a minute for each <span class="fig">2 mm</span> of thickness</template>.
          </li>
          <li>
            Quench in {{ steel.quench }}, at <HeatSpan :of="steel.bath" />: straight down, edge first, moved
            up and down, never sideways, until it is hand warm.
          </li>
          <li>
            File test on a corner that does not matter: the file must skate. If it bites, it was too cool.
          </li>
          <li>Temper at once, while it is still warm: glass-hard steel cracks if it waits.</li>
          <li>
            Brighten a face, warm it from the back until the colour below reaches the edge, quench; or hold it
            at that heat for an hour. Then hone.
          </li>
        </ol>
        <NoticeText tone="bad"
          >Goggles and face shield, leather for the heat, dry tongs, nothing wet near hot oil or salt; a lid
          by the oil bath and never water on an oil or salt fire. Fumes: air. The steel maker’s sheet, the
          shop’s rules and a person who knows come first.</NoticeText
        >
      </article>
      <article class="sheet panel">
        <h2>Temper colours on a bright face</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">Colour</th>
              <th scope="col">At</th>
              <th scope="col" class="fits">Fits</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in tempers" :key="one.at" :class="{ next: one.wanted }">
              <th scope="row">
                <span class="swatch" :style="{ background: one.paint }" aria-hidden="true"></span
                >{{ one.colour }}
              </th>
              <td class="fig"><FigureText :figure="temperature(one.at)" /></td>
              <td class="fits">{{ one.fits }}{{ one.wanted ? ': this tool' : '' }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">
          Colours tell of the surface and of time: by daylight, on clean steel, in minutes. Oil, scale and a
          long soak all shift them.
        </p>
      </article>
    </section>
    <aside class="side">
      <KeptBox
        :entries="kept"
        name="thickness"
        label="Thickest part of the tool"
        :error="soak.said || undefined"
      />
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
li {
  margin-bottom: 6px;
}
.swatch {
  display: inline-block;
  width: 34px;
  height: 20px;
  margin-right: 10px;
  vertical-align: -4px;
  border-radius: 4px;
  border: 1px solid var(--rule-2);
}
.fits {
  text-align: left;
}
.next th,
.next td {
  background: var(--blue-wash);
  font-weight: 650;
}
</style>
