<script setup lang="ts">
import { CONTACTS, type Contact } from '@anello/core/gauging';
import type { Member } from '@anello/core/taper';
import { CONTACT_BANDS } from '../../../drawing/contactBands';

/** Pictures of where the marking shows; one tap keeps what was seen. */
defineProps<{ picked: Contact | null; member: Member }>();
defineEmits<{ pick: [contact: Contact] }>();
const LABELS: Record<Member, Record<Contact, string>> = {
  external: {
    large: 'large end',
    small: 'small end',
    middle: 'middle',
    ends: 'both ends',
    full: 'all along',
    'two-bands': 'two bands',
    spot: 'one spot',
    'all-but-large': 'not at the large end',
    rings: 'rings',
    speckled: 'speckled',
  },
  internal: {
    large: 'mouth',
    small: 'bottom',
    middle: 'middle',
    ends: 'both ends',
    full: 'all along',
    'two-bands': 'two bands',
    spot: 'one spot',
    'all-but-large': 'not at the mouth',
    rings: 'rings',
    speckled: 'speckled',
  },
};
/** A cone lying on its side, large end left: half its height at t of its length. */
const half = (t: number): number => 16 - 7 * t;
const band = ([a, b]: readonly [number, number]): string =>
  `M${6 + a * 68} ${20 - half(a)}L${6 + b * 68} ${20 - half(b)}V${20 + half(b)}L${6 + a * 68} ${20 + half(a)}Z`;
</script>

<template>
  <div class="picks">
    <button
      v-for="contact in CONTACTS"
      :key="contact"
      type="button"
      class="plain pick"
      :aria-pressed="picked === contact"
      @click="$emit('pick', contact)"
    >
      <svg viewBox="0 0 80 40" aria-hidden="true">
        <path :d="band([0, 1])" class="cone" />
        <path v-for="(part, index) in CONTACT_BANDS[contact]" :key="index" :d="band(part)" class="blue" />
        <path :d="band([0, 1])" class="edge" />
      </svg>
      <span>{{ LABELS[member][contact] }}</span>
    </button>
  </div>
</template>

<style scoped>
.picks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(74px, 1fr));
  gap: 8px;
}
.pick {
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  background: var(--sheet);
  padding: 8px 4px 6px;
  text-align: center;
  font-size: 14.5px;
  min-height: 84px;
}
.pick[aria-pressed='true'] {
  border: 2px solid var(--blue);
  color: var(--blue);
  font-weight: 700;
}
svg {
  width: 100%;
  max-width: 78px;
  display: block;
  margin: 0 auto 4px;
}
.cone {
  fill: var(--stock);
}
.blue {
  fill: var(--blue);
  opacity: 0.85;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}
</style>
