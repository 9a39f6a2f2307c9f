import { taperOfJobIfComplete, workOf, type JobDocument } from '@anello/contract';
import { angle, formatFigure, length, ratio, type Phrase, type UnitSystem } from '@anello/core/figure';
import { wayName } from '@anello/core/ways';
import type { JobSheetGiven } from '../../files/paper/jobSheet';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import { useJobModel, type JobModel } from '../model/useJobModel';
import { usePlan, type PlanDesk } from './usePlan';

/** The job on the screen as its sheet wants it; null while there is none. */
export function useJobSheet(): () => JobSheetGiven | null {
  const job = useJob();
  const preferences = usePreferences();
  const model = useJobModel();
  const plan = usePlan();
  return () => {
    const { document } = job;
    if (!document) return null;
    const said = plan.said.value;
    return {
      number: document.number,
      title: document.title,
      facts: factsOf(document, model, plan, preferences.units),
      note: document.note,
      layout: model.layout.value,
      shapes: model.shapes.value.map(({ feature, name }) => ({ name, lines: linesOf(document, feature) })),
      holdings: said?.holdings ?? [],
      findings: (said?.findings ?? []).map((f) => f.phrase),
      address: `${location.origin}/job/${job.id}/plan`,
      addressOf: (operation) => location.origin + plan.path(operation),
      units: preferences.units,
      paper: preferences.paper,
    };
  };
}

function factsOf(
  document: JobDocument,
  { lathe }: JobModel,
  { stock }: PlanDesk,
  units: UnitSystem,
): string[] {
  const written = (value: number, resolution: number): string =>
    formatFigure(length(value, resolution), units);
  const bar = stock.value;
  const pieces = document.quantity === 1 ? 'one piece' : `${document.quantity} pieces`;
  const hardened = document.harden ? `, hardened to ${document.harden.typed} HRC` : '';
  return [
    [lathe.value?.name, `${document.material || 'material not said'}${hardened}`, pieces]
      .filter(Boolean)
      .join(' · '),
    ...(bar ? [`From ${bar.shape} bar ${written(bar.across, 0.001)} by ${written(bar.length, 0.1)}`] : []),
    ...(document.due || document.who
      ? [[document.due && `wanted ${document.due}`, document.who].filter(Boolean).join(' · ')]
      : []),
  ];
}

/** A shape's figures, its way and what it is tried in, as they stand on paper. */
function linesOf(document: JobDocument, feature: string): Phrase[] {
  const found = taperOfJobIfComplete(document, feature);
  if (!found) return otherLines(document, feature);
  const { solved, task } = found;
  const work = workOf(document, feature, 'taper');
  return [
    [
      'Half angle ',
      angle(solved.halfAngle),
      ', ',
      ratio(solved.ratio),
      ' on diameter; cone within ',
      length(task.tolerance.overLength, 0.0001),
      ' over ',
      length(solved.length),
    ],
    [
      'Gauge line ',
      length(solved.gaugeDiameter, 0.001),
      ', large end ',
      length(solved.largeDiameter, 0.001),
      ', small end ',
      length(solved.smallDiameter, 0.001),
    ],
    ...(work.way ? [[`${wayName(work.way.id)}`, ...(work.mate ? [`; tried in: ${work.mate}`] : [])]] : []),
    ['Right within ', length(work.tolerance.standOff.value, 0.01), ' of its gauge line'],
  ];
}

function otherLines(document: JobDocument, feature: string): Phrase[] {
  const way = document.work[feature]?.way;
  const id = typeof way === 'object' ? way?.id : way;
  const name = id ? wayName(id) : null;
  return name ? [[name]] : [];
}
