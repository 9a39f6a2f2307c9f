<script setup lang="ts">
import { layOff, USUAL_LASH, type EccentricPart } from '@anello/core/eccentric';
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { useCut } from '../cut/useCut';
import { useJobModel } from '../model/useJobModel';
import { useStageScreen } from '../model/useStageScreen';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';

/** The throw laid off from the centre by the cross-slide's dial, scribed and punched, and how it is checked. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const model = useJobModel();
const cut = useCut();
const found = computed(() => {
  const dial = model.lathe.value?.dial;
  return dial
    ? layOff({ throw: props.part.throw, division: dial.division, reads: dial.reads, lash: USUAL_LASH })
    : null;
});
useStageScreen({
  across: () =>
    found.value
      ? {
          step: ['From the centre, come back to'],
          label: 'on the cross-slide dial',
          figure: cut.dialFigure(found.value.dial),
        }
      : null,
});
</script>

<template>
  <div v-if="found" class="alone">
    <article class="card sheet">
      <h2>Lay the throw off from the centre</h2>
      <ol>
        <li>Face it, and scribe with a pointed tool at centre height: a dot at the very centre.</li>
        <li>Zero the dial there, having come to the centre toward you.</li>
        <li>
          Run out to <FigureText :figure="cut.dialFigure(found.past)" />, past the mark, and come back to the
          figure, so that the lash is taken up the same way.
        </li>
        <li>Scribe a short line, then one square to it; punch where they cross.</li>
      </ol>
      <div class="figures">
        <div>
          <p class="label">
            {{ model.lathe.value?.dial.reads === 'diameter' ? 'Dial, reads diameter' : 'Dial, reads radius' }}
          </p>
          <p class="big"><FigureText :figure="cut.dialFigure(found.dial)" large /></p>
          <p class="quiet">
            the division leaves <FigureText :figure="length(found.leftOver, 0.001, { signed: true })" /> of
            the throw
          </p>
        </div>
        <div>
          <p class="label">By rule, marks of both sides</p>
          <p class="middle"><FigureText :figure="length(found.across, 0.1)" /></p>
          <p class="quiet">apart: scribe the other side as well to check</p>
        </div>
      </div>
      <NoticeText tone="plain"
        >The mark is only near: true it to the punch by a centre-finder stick, then let the indicator decide
        under “Dial it in”.</NoticeText
      >
    </article>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
