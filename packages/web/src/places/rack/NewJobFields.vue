<script setup lang="ts">
import type { NewJobDesk } from './useNewJob';
import { useShop } from '../../data/stores/shop';
import { vFirstBox } from '../../ui/vFirstBox';

/** Number, how many, what it is, and the lathe. */
const props = defineProps<{ desk: NewJobDesk; autofocus?: boolean }>();
const shop = useShop();
const { form } = props.desk;
</script>

<template>
  <div class="row">
    <v-text-field
      v-model="form.number"
      class="figures-in number"
      label="Number"
      :error-messages="desk.at('number')"
      autocomplete="off"
    />
    <v-text-field
      v-model="form.quantity"
      class="figures-in few"
      label="How many"
      inputmode="numeric"
      :error-messages="desk.at('quantity')"
      autocomplete="off"
    />
  </div>
  <v-text-field
    v-model="form.title"
    v-first-box="autofocus"
    label="What it is"
    :error-messages="desk.at('title')"
    autocomplete="off"
  />
  <v-select
    v-model="form.machineId"
    label="Lathe"
    :items="shop.byName"
    :error-messages="desk.at('machineId')"
  />
  <p v-if="desk.elsewhere.value" class="elsewhere" role="alert">{{ desk.elsewhere.value }}</p>
</template>

<style scoped>
.row {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
}
.number {
  flex: 2;
}
.few {
  flex: 1;
  min-width: 120px;
}
.elsewhere {
  color: var(--red);
}
</style>
