import { BAR_STUFFS, HELD_BY, type BarStuffName, type ChatterSetup, type HeldBy } from '@anello/core/chatter';
import { spindleSpeed } from '@anello/core/cutting';
import { fitBars } from '@anello/core/ways';
import { computed, type ComputedRef, type Ref } from 'vue';
import { HELD } from '../../../data/names';
import { useJob } from '../../../data/stores/job';
import { useKit } from '../../../data/stores/kit';
import { useHeld } from '../../../data/useHeld';
import { useKeptEntries, type KeptEntries } from '../../model/useKeptEntries';
import { useJobModel } from '../../model/useJobModel';
import { useMaterial } from '../../model/useMaterial';

export interface ChatterDesk {
  readonly kept: KeptEntries;
  readonly jaws: Ref<number>;
  readonly stuff: Ref<BarStuffName>;
  readonly held: Ref<HeldBy>;
  /** Teeth of the gears that turn with the spindle, as typed. */
  readonly teeth: Ref<string>;
  /** What this job would have, where nothing else was typed. */
  readonly usual: ComputedRef<Usual>;
  readonly setup: ComputedRef<ChatterSetup>;
}
interface Usual {
  readonly turns: number;
  readonly barDiameter: number | null;
  readonly barOut: number | null;
  readonly workDiameter: number | null;
  readonly workLength: number | null;
}

/** Turns for the first guess, where no material says a speed. */
const SOME_TURNS = 300;
const MOST_GEARS = 6;

/** What is running when it sounds: as the job has it, and as typed over it. */
export function useChatterSetup(): ChatterDesk {
  const job = useJob();
  const kit = useKit();
  const model = useJobModel();
  const { row } = useMaterial();
  const kept = useKeptEntries(() => `listen.${job.id}`);
  const jaws = useHeld(HELD.listen(job.id, 'jaws'), 3);
  const stuff = useHeld<BarStuffName>(HELD.listen(job.id, 'stuff'), 'steel');
  const held = useHeld<HeldBy>(
    HELD.listen(job.id, 'held'),
    model.wayChosen.value?.betweenCentres ? 'centres' : HELD_BY[0],
  );
  const teeth = useHeld(HELD.listen(job.id, 'teeth'), '');
  const inside = computed(() => model.taper.value?.task.member === 'internal');

  const usual = computed<Usual>(() => {
    const task = model.taper.value?.task ?? null;
    const workDiameter = task?.largeDiameter ?? 2 * model.layout.value.largestRadius;
    const bar =
      inside.value && task
        ? fitBars(kit.core.boringBars, { depth: task.length, smallEnd: task.smallDiameter })[0]?.bar
        : undefined;
    const speed = job.document?.cut.tool === 'carbide' ? row.value?.speedCarbide : row.value?.speedHss;
    return {
      turns:
        speed && workDiameter > 0
          ? spindleSpeed({ surfaceSpeed: speed, diameter: workDiameter }).rpm
          : SOME_TURNS,
      barDiameter: bar?.diameter ?? null,
      barOut: bar && task ? task.length : null,
      workDiameter: workDiameter > 0 ? workDiameter : null,
      workLength: model.layout.value.length > 0 ? model.layout.value.length : null,
    };
  });
  const setup = computed<ChatterSetup>(() => {
    const of = (name: string, other: number | null): number | null => kept.value(name) ?? other;
    const bar = {
      diameter: of('barDiameter', usual.value.barDiameter),
      length: of('barOut', usual.value.barOut),
    };
    const work = {
      diameter: of('workDiameter', usual.value.workDiameter),
      length: of('workLength', usual.value.workLength),
    };
    return {
      turns: of('turns', usual.value.turns) as number,
      jaws: jaws.value || null,
      teeth: (teeth.value.match(/\d{1,3}/g) ?? [])
        .map(Number)
        .filter((n) => n > 9)
        .slice(0, MOST_GEARS),
      ...(bar.diameter && bar.length
        ? { bar: { diameter: bar.diameter, length: bar.length, stuff: stuff.value } }
        : {}),
      ...(work.diameter && work.length
        ? {
            work: { diameter: work.diameter, length: work.length, stuff: 'steel' as const, held: held.value },
          }
        : {}),
    };
  });
  return { kept, jaws, stuff, held, teeth, usual, setup };
}

export const STUFFS = Object.entries(BAR_STUFFS).map(([value, { title }]) => ({ value, title }));
