import {
  BAR_STUFFS,
  HELD_BY,
  USUAL_TURNS,
  type BarStuffName,
  type ChatterSetup,
  type HeldBy,
} from '@anello/core/chatter';
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
import type { Swings } from './swings';

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

const MOST_GEARS = 6;

/** What is running when it sounds: of an operation, or of the job's own taper or curve; and as typed over it. */
export function useChatterSetup(of: () => Swings | null = () => null): ChatterDesk {
  const job = useJob();
  const kit = useKit();
  const model = useJobModel();
  const { row } = useMaterial();
  const swings = computed(() => of() ?? own());
  const { key } = swings.value;
  const kept = useKeptEntries(() => `listen.${key}`);
  const jaws = useHeld(HELD.listen(key, 'jaws'), 3);
  const stuff = useHeld<BarStuffName>(HELD.listen(key, 'stuff'), 'steel');
  const held = useHeld<HeldBy>(HELD.listen(key, 'held'), swings.value.held);
  const teeth = useHeld(HELD.listen(key, 'teeth'), '');

  /** Where no operation is said. */
  function own(): Swings {
    const task = model.taper.value?.task ?? null;
    const diameter = task?.largeDiameter ?? 2 * model.layout.value.largestRadius;
    const { length } = model.layout.value;
    return {
      key: job.id,
      held: model.wayChosen.value?.betweenCentres ? 'centres' : HELD_BY[0],
      work: diameter > 0 && length > 0 ? { diameter, length } : null,
      hole: task?.member === 'internal' ? { depth: task.length, smallEnd: task.smallDiameter } : null,
    };
  }

  const usual = computed<Usual>(() => {
    const { work, hole } = swings.value;
    const bar = hole ? fitBars(kit.core.boringBars, hole)[0]?.bar : undefined;
    const speed = job.document?.cut.tool === 'carbide' ? row.value?.speedCarbide : row.value?.speedHss;
    return {
      turns:
        speed && work
          ? spindleSpeed({ surfaceSpeed: speed, diameter: hole?.smallEnd ?? work.diameter }).rpm
          : USUAL_TURNS,
      barDiameter: bar?.diameter ?? null,
      barOut: bar && hole ? hole.depth : null,
      workDiameter: work?.diameter ?? null,
      workLength: work?.length ?? null,
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
