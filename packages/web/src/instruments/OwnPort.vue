<script setup lang="ts">
import { ANY_NUMBER, WIRE_UNITS } from '@anello/contract';
import { ref } from 'vue';
import { HELD } from '../data/names';
import { useHeld } from '../data/useHeld';
import NoticeText from '../ui/NoticeText.vue';
import { hasPorts, useOwnPort } from './useOwnPort';

/** An instrument on this screen's own port, where the browser can open one. */
const name = useHeld(HELD.portName, 'on this screen');
const pattern = useHeld(HELD.portPattern, ANY_NUMBER);
const unit = useHeld<(typeof WIRE_UNITS)[number]>(HELD.portUnit, 'mm');
const rate = useHeld(HELD.portRate, 9600);
const RATES = [1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200];
const port = useOwnPort();
const said = ref('');
async function open(): Promise<void> {
  said.value = '';
  try {
    await port.open({
      instrument: name.value,
      pattern: pattern.value,
      unit: unit.value,
      baudRate: rate.value,
    });
  } catch (error) {
    said.value = error instanceof Error ? error.message : 'The port could not be opened.';
  }
}
</script>

<template>
  <section aria-label="On this screen’s own port">
    <h3>On this screen’s own port</h3>
    <p v-if="!hasPorts()" class="quiet">
      This browser opens no ports. An instrument that types like a keyboard is read all the same: press its
      key where a figure is asked for.
    </p>
    <template v-else>
      <div class="row">
        <v-text-field v-model="name" label="Its name" :disabled="port.isOpen.value" />
        <v-text-field v-model="pattern" label="How a line reads" :disabled="port.isOpen.value" />
        <v-select v-model="unit" label="In" :items="[...WIRE_UNITS]" :disabled="port.isOpen.value" />
        <v-select v-model="rate" label="Speed" :items="RATES" :disabled="port.isOpen.value" />
      </div>
      <p class="quiet">{value} is where the figure stands, {unit} its unit, * anything that is no figure.</p>
      <v-btn v-if="port.isOpen.value" @click="port.close()">Let it go</v-btn>
      <v-btn v-else @click="open">Pick the port</v-btn>
      <NoticeText v-if="said || port.said.value" tone="warn">{{ said || port.said.value }}</NoticeText>
    </template>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
  justify-items: start;
}
h3 {
  font-size: 17px;
  font-weight: 650;
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 10px;
  width: 100%;
  align-items: start;
}
</style>
