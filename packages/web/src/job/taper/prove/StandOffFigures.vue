<script setup lang="ts">
import { length } from '@anello/core/figure';
import type { DialReads } from '@anello/core/machine';
import type { CutDesk } from '../../cut/useCut';
import FigureText from '../../../ui/FigureText.vue';

/** What to feed by the dial, while there is something to feed, and what is left. */
defineProps<{
  /** Null when nothing is to be fed: at its line, past it, or held. */
  feed: ReturnType<CutDesk['onDial']> | null;
  /** It is to be drawn back by that before the pass, not fed in. */
  back: boolean;
  reads: DialReads;
  /** On diameter, mm; less than nothing is past. */
  left: number;
  standOff: number;
}>();
</script>

<template>
  <div class="figures">
    <div v-if="feed">
      <p class="label">
        {{ back ? 'Draw back by, on the dial' : 'On the dial'
        }}{{ reads === 'diameter' ? ', reads diameter' : ', reads radius' }}
      </p>
      <p class="big"><FigureText :figure="feed.figure" large /></p>
      <p class="other quiet">
        {{ feed.divisions }} {{ feed.divisions === 1 ? 'division' : 'divisions' }},
        {{ back ? 'come in to it from behind' : 'as far as is safe now' }}
      </p>
    </div>
    <div>
      <p class="label">{{ left >= 0 ? 'Left on diameter' : 'Past on diameter' }}</p>
      <p class="middle"><FigureText :figure="length(Math.abs(left), 0.001)" /></p>
      <p class="other quiet">
        stands <FigureText :figure="length(Math.abs(standOff), 0.01)" />
        {{ standOff >= 0 ? 'off the line' : 'past the line' }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 56px;
}
.big {
  font-size: 60px;
  font-weight: 650;
  line-height: 1.08;
}
.middle {
  font-size: 34px;
  font-weight: 600;
  line-height: 1.9;
}
.other {
  font-size: 14.5px;
}
@media (max-width: 560px) {
  .big {
    font-size: 46px;
  }
}
</style>
