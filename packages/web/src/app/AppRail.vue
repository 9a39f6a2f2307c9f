<script setup lang="ts">
import {
  mdiBookOpenOutline,
  mdiCalculatorVariantOutline,
  mdiHelpCircleOutline,
  mdiLogoutVariant,
  mdiViewAgendaOutline,
  mdiWeatherNight,
  mdiWhiteBalanceSunny,
} from '@mdi/js';
import { onMounted } from 'vue';
import { useRoute } from 'vue-router';
import { request } from '../data/api';
import { useOutbox } from '../data/stores/outbox';
import { usePeople } from '../data/stores/people';
import { usePreferences } from '../data/stores/preferences';
import { useScreen } from '../data/stores/screen';

/** The places of the house, and the light switch. */
const preferences = usePreferences();
const screen = useScreen();
const outbox = useOutbox();
const people = usePeople();
onMounted(() => void people.askWho());
async function signOut(): Promise<void> {
  await request('DELETE', '/api/session').catch(() => undefined);
  people.left();
  outbox.signIn = true;
}
/** A lathe seen from the front: headstock, bed, tailstock. */
const LATHE = 'M2 9h6v6H2zM8 11h3v2H8zM16 10h5v5h-5zM14 12h2v1h-2zM2 17h20v2H2z';
/** A cone on its axis. */
const CONE = 'M3 6l18 3.2v5.6L3 18zM1 11.5h22v1H1z';
/** A hand wheel. */
const HAND_WHEEL =
  'M12 2a10 10 0 1 0 0 20 10 10 0 0 0 0-20zm0 2.4a7.6 7.6 0 1 1 0 15.2 7.6 7.6 0 0 1 0-15.2zM10.8 5h2.4v14h-2.4zM5 10.8h14v2.4H5z';
const PLACES = [
  { to: '/rack', label: 'Rack', icon: mdiViewAgendaOutline, rooms: [] },
  { to: '/tapers', label: 'Tapers', icon: CONE, rooms: [] },
  { to: '/machines', label: 'Machines', icon: LATHE, rooms: ['/kit', '/pin-block', '/people', '/book'] },
  { to: '/log', label: 'Logbook', icon: mdiBookOpenOutline, rooms: ['/lost'] },
  { to: '/practice', label: 'Practice', icon: HAND_WHEEL, rooms: [] },
];
const route = useRoute();
/** In a room of a place, the place is where one is. */
const within = (rooms: readonly string[]): boolean => rooms.some((room) => route.path.startsWith(room));
</script>

<template>
  <nav class="rail frame" aria-label="Places">
    <svg class="ring" viewBox="0 0 40 40" aria-hidden="true">
      <circle cx="20" cy="20" r="14" fill="none" stroke="var(--brass-key)" stroke-width="6" />
    </svg>
    <router-link
      v-for="place in PLACES"
      :key="place.to"
      :to="place.to"
      class="place"
      :class="{ 'router-link-active': within(place.rooms) }"
    >
      <v-icon :icon="place.icon" size="24" aria-hidden="true" /><span>{{ place.label }}</span>
    </router-link>
    <span class="gap" />
    <button v-if="people.door" type="button" class="plain place" @click="signOut">
      <v-icon :icon="mdiLogoutVariant" size="22" /><span>Sign out</span>
    </button>
    <button
      type="button"
      class="plain place"
      :aria-label="preferences.theme === 'light' ? 'Dark theme' : 'Light theme'"
      @click="preferences.swapTheme()"
    >
      <v-icon
        :icon="preferences.theme === 'light' ? mdiWeatherNight : mdiWhiteBalanceSunny"
        size="22"
      /><span>{{ preferences.theme === 'light' ? 'Dark' : 'Light' }}</span>
    </button>
    <button type="button" class="plain place" @click="screen.quickOpen = true">
      <v-icon :icon="mdiCalculatorVariantOutline" size="22" /><span>Sum</span>
    </button>
    <button type="button" class="plain place" @click="screen.keysOpen = true">
      <v-icon :icon="mdiHelpCircleOutline" size="22" /><span>Keys</span>
    </button>
  </nav>
</template>

<style scoped>
.rail {
  background: var(--frame);
  color: var(--frame-ink);
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 6px;
  padding: 10px 6px;
}
.ring {
  width: 38px;
  margin: 2px 0 10px;
}
.place {
  width: 64px;
  min-height: 58px;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 3px;
  border-radius: 10px;
  text-decoration: none;
  font-size: 13.5px;
  color: var(--frame-ink);
}
.place:hover {
  background: color-mix(in srgb, var(--frame-2) 60%, transparent);
}
.router-link-active {
  background: var(--frame-2);
}
.gap {
  flex: 1;
}
@media (max-width: 640px) {
  .rail {
    flex-direction: row;
    padding: 4px 8px;
    gap: 4px;
  }
  .ring {
    width: 30px;
    margin: 0 6px 0 2px;
  }
  .place {
    flex-direction: row;
    width: auto;
    min-height: 48px;
    padding: 0 10px;
  }
  .place span {
    display: none;
  }
  .router-link-active span {
    display: inline;
  }
}
/* Five places and four switches want a phone's whole width. */
@media (max-width: 430px) {
  .ring {
    display: none;
  }
  .place {
    padding: 0 8px;
  }
  .router-link-active span {
    display: none;
  }
}
</style>
