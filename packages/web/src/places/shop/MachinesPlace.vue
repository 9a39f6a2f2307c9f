<script setup lang="ts">
import { newMachine } from '@anello/contract';
import { length } from '@anello/core/figure';
import { computed, onMounted, ref } from 'vue';
import KitTabs from './KitTabs.vue';
import { request, ServerAway } from '../../data/api';
import { newId } from '../../data/newId';
import FigureText from '../../ui/FigureText.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import StillSetRow from '../../job/record/StillSetRow.vue';
import { latheOf, useShop } from '../../data/stores/shop';

/** The lathes: what each can do, and what it is still set to. */
const shop = useShop();
onMounted(() => void shop.load());
const lead = useLeadOn();
const away = computed(() => shop.machines.filter((m) => m.document.archived));
const busy = ref(false);
const said = ref('');

/** A new lathe starts with usual figures; its page asks for the real ones. */
async function add(): Promise<void> {
  busy.value = true;
  try {
    await lead(async () => {
      const id = `lathe-${newId()}`;
      await request('POST', '/api/machines', { id, document: newMachine('New lathe') });
      await shop.load();
      return `/machines/${id}`;
    });
  } catch (error) {
    if (!(error instanceof ServerAway)) throw error;
    said.value = 'The server is away: try again in a moment.';
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <main class="machines">
    <KitTabs />
    <header class="head">
      <h1>Lathes</h1>
      <v-btn :disabled="busy" @click="add">Add a lathe</v-btn>
      <span role="status">{{ said }}</span>
    </header>
    <p v-if="!shop.loaded" class="quiet">Fetching the lathes…</p>
    <p v-else-if="shop.standing.length === 0" class="quiet">No lathes yet.</p>
    <section v-for="machine in shop.standing" :key="machine.id" class="one">
      <StillSetRow :machine="machine" />
      <dl class="sheet">
        <div>
          <dt>Dial</dt>
          <dd>
            <FigureText
              :figure="{
                ...length(latheOf(machine).dial.division, latheOf(machine).dial.division),
                system: machine.document.dial.units,
              }"
            />
            a division, reads {{ machine.document.dial.reads }}
          </dd>
        </div>
        <div>
          <dt>Compound travel</dt>
          <dd>
            <FigureText
              v-if="machine.document.compound"
              :figure="length(machine.document.compound.travel.value, 0.1)"
            /><template v-else>none</template>
          </dd>
        </div>
        <div>
          <dt>Taper attachment</dt>
          <dd>
            <template v-if="machine.document.attachment"
              >{{ machine.document.attachment.kind }},
              <FigureText :figure="length(machine.document.attachment.barTravel.value, 1)" /></template
            ><template v-else>none</template>
          </dd>
        </div>
        <div>
          <dt>Tailstock over</dt>
          <dd>
            <FigureText
              v-if="machine.document.tailstock"
              :figure="length(machine.document.tailstock.limit.value, 0.1)"
            /><template v-else>fixed</template>
          </dd>
        </div>
      </dl>
      <v-btn :to="`/machines/${machine.id}`">Figures of the {{ machine.document.name }}</v-btn>
    </section>
    <section v-if="away.length" class="sheet away" aria-label="Put away">
      <h2>Put away</h2>
      <p v-for="machine in away" :key="machine.id">
        <router-link :to="`/machines/${machine.id}`">{{ machine.document.name }}</router-link>
      </p>
    </section>
  </main>
</template>

<style scoped>
.machines {
  padding: 20px 26px 40px;
  overflow-y: auto;
  display: grid;
  gap: 18px;
  align-content: start;
}
.head {
  display: flex;
  gap: 14px;
  align-items: center;
}
.head h1 {
  margin-right: auto;
}
.away {
  padding: 12px 16px;
}
.away h2 {
  font-size: 16px;
}
.away a {
  display: inline-flex;
  min-height: 44px;
  align-items: center;
}
h1 {
  font-size: 26px;
  font-weight: 650;
}
.one {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.one > :first-child,
dl {
  width: 100%;
}
dl {
  margin: 0;
  padding: 12px 16px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 10px 18px;
}
dt {
  color: var(--ink-2);
  font-size: 14px;
}
dd {
  margin: 0;
}
@media (max-width: 640px) {
  .machines {
    padding: 14px 12px 30px;
  }
}
</style>
