import { coreLathe, planPartOf, type JobDocument } from '@anello/contract';
import { NO_KIT } from '@anello/core/kit';
import type { KeptRecord, RecordBody } from '@anello/core/job';
import { describePlan, operationsAlike, planPart, type OperationSaid } from '@anello/core/plan';
import { plainText } from '@anello/core/figure';
import { DEMO_MACHINES } from './machines';

const MINUTE = 60_000;
/** What things really took of what was planned for them, in turn. */
const REALLY = [1.1, 0.9, 1.3, 1, 1.2, 0.8];

/** What was kept of everything about earlier work that has no loop of its own: faced, drilled, turned, threaded. */
export function blankRows(
  document: JobDocument,
  jobId: string,
  operator: string,
  morning: Date,
): Omit<KeptRecord, 'id'>[] {
  const lathe = DEMO_MACHINES.find(({ id }) => id === document.machineId)?.document;
  if (!lathe) return [];
  const part = planPartOf(document, coreLathe(lathe), NO_KIT);
  const { holdings } = planPart(part);
  const alike = operationsAlike(part, holdings);
  const plain = describePlan(part, holdings)
    .holdings.flatMap((held) => held.operations)
    .filter((one) => !one.loop && !one.away);
  const rows: Omit<KeptRecord, 'id'>[] = [];
  let at = morning.getTime();
  for (let piece = 1; piece <= document.quantity; piece++)
    for (const one of plain) {
      at += one.minutes * (REALLY[rows.length % REALLY.length] as number) * MINUTE;
      rows.push(doneRow(one, alike[one.operation.id] ?? '', { jobId, piece, operator, at: new Date(at) }));
    }
  return rows;
}

function doneRow(
  { operation, lines, minutes, name }: OperationSaid,
  alike: string,
  {
    at,
    ...stood
  }: { readonly jobId: string; readonly piece: number; readonly operator: string; readonly at: Date },
): Omit<KeptRecord, 'id'> {
  const said = lines.map((line) => plainText(line)).join('; ') || name;
  const body: RecordBody = { kind: 'worked', said: said.slice(0, 200), alike, minutes };
  const [feature] = operation.features;
  return { ...stood, at: at.toISOString(), operation: operation.id, ...(feature ? { feature } : {}), body };
}
