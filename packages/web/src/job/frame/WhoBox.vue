<script setup lang="ts">
import type { Operators } from '@anello/contract';
import { onClickOutside, useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { request } from '../../data/api';
import { LOCAL } from '../../data/names';
import { usePeople } from '../../data/stores/people';
import { usePreferences } from '../../data/stores/preferences';

/** Whose hands are at the lathe: picked from those the shop knows, or typed. Asked for once on each screen. */
const preferences = usePreferences();
const asked = useLocalStorage(LOCAL.askedWho, false);
const place = ref<HTMLElement | null>(null);
/** Initials with the name, where one is known. */
const known = ref<readonly { initials: string; name: string }[]>([]);
const people = usePeople();
const open = ref(false);
const others = computed(() => known.value.filter(({ initials }) => initials !== preferences.operator));

async function show(): Promise<void> {
  open.value = true;
  try {
    const [{ operators }] = await Promise.all([
      request<Operators>('GET', '/api/operators'),
      people.load().catch(() => undefined),
    ]);
    const here = people.people.filter(({ archived }) => !archived);
    const gone = new Set(people.people.filter(({ archived }) => archived).map(({ initials }) => initials));
    const others = operators.filter(
      ({ initials }) => !gone.has(initials) && !here.some((one) => one.initials === initials),
    );
    known.value = [...here, ...others.map(({ initials }) => ({ initials, name: '' }))];
  } catch {
    // Nobody to pick from while the server is away: they are typed.
    known.value = [];
  }
}
function shut(): void {
  open.value = false;
  asked.value = true;
}
function take(initials: string): void {
  preferences.operator = initials;
  shut();
}
onClickOutside(place, () => open.value && shut());
if (!preferences.operator && !asked.value) void show();
</script>

<template>
  <div ref="place" class="who" @keydown.escape="shut">
    <label>
      <span class="label">At the lathe</span>
      <input
        v-model="preferences.operator"
        class="fig"
        maxlength="4"
        autocomplete="off"
        spellcheck="false"
        placeholder="??"
        :class="{ ask: !preferences.operator }"
        aria-label="Your initials"
        @focus="show"
        @keydown.enter="shut"
      />
    </label>
    <div v-if="open" class="frame list" role="group" aria-label="Who is at the lathe">
      <p v-if="!preferences.operator">
        Whose hands? Your initials stand beside everything you keep, so that a year from now somebody can be
        asked.
      </p>
      <div v-if="others.length" class="known">
        <button
          v-for="one in others"
          :key="one.initials"
          type="button"
          class="plain"
          @click="take(one.initials)"
        >
          <span class="fig">{{ one.initials }}</span> <span v-if="one.name" class="name">{{ one.name }}</span>
        </button>
      </div>
      <button v-if="!preferences.operator" type="button" class="plain later" @click="shut">Not now</button>
    </div>
  </div>
</template>

<style scoped>
.who {
  position: relative;
  flex: none;
}
.label {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
input {
  width: 58px;
  min-height: 48px;
  text-align: center;
  font-size: 17px;
  text-transform: uppercase;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  background: var(--field);
  color: var(--ink);
}
input::placeholder {
  color: var(--ink-2);
  opacity: 1;
}
.ask {
  border: 2px solid var(--brass-edge);
}
.list {
  position: absolute;
  right: 0;
  top: calc(100% + 6px);
  z-index: 20;
  width: 290px;
  padding: 12px;
  border-radius: 10px;
  background: var(--frame);
  color: var(--frame-ink);
  display: grid;
  gap: 10px;
  box-shadow: 0 6px 24px rgb(0 0 0 / 0.3);
}
.known {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.known button,
.later {
  min-width: 56px;
  min-height: 48px;
  padding: 0 8px;
  text-align: center;
  border: 1px solid currentcolor;
  border-radius: 8px;
  font-size: 17px;
}
.name {
  display: block;
  font-size: 13px;
}
.later {
  justify-self: start;
  padding: 0 14px;
}
</style>
