import { useJob } from '../../data/stores/job';

/** Figures that make a taper what the table says it is: changed by hand, it is no longer the table's. */
const OF_THE_TABLE = ['ratio', 'halfAngle', 'gaugeDiameter', 'largeDiameter', 'smallDiameter'];

/** Changing one feature of the job on the screen. */
export function useFeatureEdit(featureId: () => string) {
  const job = useJob();

  function change(work: (feature: Record<string, unknown>) => void): void {
    job.edit((draft) => {
      const feature = draft.features.find((f) => f.id === featureId());
      if (feature) work(feature as unknown as Record<string, unknown>);
    });
  }

  function setField(key: string, next: unknown): void {
    change((feature) => {
      if (next === undefined || next === null) delete feature[key];
      else feature[key] = next;
      if (feature['series'] && OF_THE_TABLE.includes(key)) delete feature['series'];
    });
  }

  return { change, setField };
}
