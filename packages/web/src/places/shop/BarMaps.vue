<script setup lang="ts">
import { isSwept } from '@anello/core/job';
import type { LogPage, LogRow } from '@anello/contract';
import { length } from '@anello/core/figure';
import { barMap, type KeptSweep } from '@anello/core/setting';
import { wayName } from '@anello/core/ways';
import { computed } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { useAsked } from '../../job/memory/useAsked';
import { tried } from '../../job/model/tried';
import { dayOf } from '../../ui/days';
import FigureText from '../../ui/FigureText.vue';

/** How straight a lathe's bar and slides are, from the sweeps kept on it: for a part of each length the best stretch, and what it leaves. */
const props = defineProps<{ id: string }>();
const preferences = usePreferences();
/** Lengths that tapers here have, mm. */
const LENGTHS = [25, 50, 80, 120, 200];
const MOST = 100;
/** Straighter than a needle tells nobody can say. mm */
const FINE = 0.001;
const { rows } = useAsked<LogPage, LogRow>(() => [
  `/api/log?${new URLSearchParams({ machine: props.id, kind: 'swept', limit: String(MOST) }).toString()}`,
]);

const maps = computed(() => {
  const byWay = new Map<string, LogRow[]>();
  for (const row of rows.value) {
    if (row.gone || !isSwept(row.record.body)) continue;
    const { way } = row.record.body as { way: string };
    byWay.set(way, [...(byWay.get(way) ?? []), row]);
  }
  return [...byWay].map(([way, kept]) => {
    const sweeps = kept.map(({ record }) => record.body as unknown as KeptSweep);
    const stretches = LENGTHS.flatMap((along) => {
      const { found } = tried(() => barMap(sweeps, along), preferences.units);
      return found?.best ? [{ along, best: found.best, costs: found.costs }] : [];
    });
    return { way, title: wayName(way) ?? way, newest: kept[0] as LogRow, stretches };
  });
});
</script>

<template>
  <section v-if="maps.length" class="sheet maps" aria-label="How straight it is">
    <h2>How straight it is</h2>
    <article v-for="map in maps" :key="map.way">
      <h3>
        {{ map.title }}
        <span class="quiet"
          >swept {{ dayOf(map.newest.record.at) }},
          <router-link :to="`/job/${map.newest.record.jobId}/record`"
            ><span class="fig">{{ map.newest.number }}</span></router-link
          ></span
        >
      </h3>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">A part of</th>
              <th scope="col">use</th>
              <th scope="col">leaves on diameter</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in map.stretches" :key="one.along">
              <th scope="row"><FigureText :figure="length(one.along, 1)" /></th>
              <td>
                <FigureText :figure="length(one.best.from, 1, { bare: true })" /> to
                <FigureText :figure="length(one.best.to, 1)" />
              </td>
              <td>
                <template v-if="one.costs < FINE">under </template
                ><FigureText :figure="length(Math.max(one.costs, FINE), FINE)" />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </article>
  </section>
</template>

<style scoped src="../../ui/figureTable.css"></style>
<style scoped>
.maps {
  padding: 16px 20px;
  display: grid;
  gap: 12px;
}
h2 {
  font-size: 18px;
  font-weight: 650;
}
h3 {
  font-size: 16px;
  font-weight: 650;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
h3 .quiet {
  font-weight: 400;
}
table {
  max-width: 620px;
}
</style>
