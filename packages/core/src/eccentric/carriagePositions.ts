import { AnelloError } from '../basics/error';
import { listLength, notNegative, positive } from '../basics/check';
import { length, type Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { EccentricGroove } from './part';

export interface CarriageRequest {
  readonly grooves: readonly EccentricGroove[];
  /** From the zeroed face to the far face of what is parted off. */
  readonly length: number;
  /** Grooving tool and parting tool. */
  readonly grooveTool: number;
  readonly partTool: number;
  /** Thinnest land that may stand between grooves or beside the last. */
  readonly leastLand: number;
}

/** Where the carriage stands for one plunge: the tool's headstock-side edge was zeroed on the face. */
export interface CarriageRow {
  readonly name: string;
  readonly stands: readonly number[];
  /** The sum, with its figures. */
  readonly sum: {
    readonly parts: readonly Figure[];
    readonly signs: readonly ('+' | '−')[];
    readonly result: Figure;
  };
  readonly warning: Phrase | null;
}

/** Plunges overlap by this part of the tool, so that no ring is left between. */
const OVERLAP = 0.1;

/**
 * One table of carriage positions from the zeroed tailstock face: every groove with the tool's own width in the sum,
 * and parting off last. Positions grow toward the headstock and are of the tool's headstock-side edge, the one that
 * touched the face. mm. Errors: out-of-range; a tool wider than its groove is a warning with no place to stand.
 */
export function carriagePositions(request: CarriageRequest): CarriageRow[] {
  const { grooveTool, partTool, leastLand } = request;
  positive(request.length, 'length', 'The length');
  positive(grooveTool, 'grooveTool', 'The grooving tool');
  positive(partTool, 'partTool', 'The parting tool');
  notNegative(leastLand, 'leastLand', 'The thinnest land');
  const grooves = [...request.grooves].sort((a, b) => a.at - b.at);
  const rows = grooves.map((groove, i) => grooveRow(groove, i, grooves, request));
  return [
    ...rows,
    {
      name: 'Part off',
      stands: [request.length + partTool],
      sum: {
        parts: [length(request.length, 0.01), length(partTool, 0.01)],
        signs: ['+'],
        result: length(request.length + partTool, 0.01),
      },
      warning: null,
    },
  ];
}

function grooveRow(
  groove: EccentricGroove,
  index: number,
  all: readonly EccentricGroove[],
  { grooveTool, leastLand, length: whole }: CarriageRequest,
): CarriageRow {
  positive(groove.width, `grooves.${index}`, 'The groove');
  if (groove.at < 0)
    throw new AnelloError('out-of-range', `grooves.${index}`, 'The groove starts before the face.');
  const end = groove.at + groove.width;
  const after = all[index + 1]?.at ?? whole;
  return {
    name: `Groove ${index + 1}`,
    stands: plunges(groove.at + grooveTool, end, grooveTool),
    sum: {
      parts: [length(groove.at, 0.01), length(grooveTool, 0.01)],
      signs: ['+'],
      result: length(groove.at + grooveTool, 0.01),
    },
    warning: warningFor(
      groove,
      { before: index === 0 ? groove.at : null, after: after - end },
      grooveTool,
      leastLand,
    ),
  };
}

function plunges(first: number, last: number, tool: number): number[] {
  const room = last - first;
  if (room < -1e-9) return [];
  const cuts = Math.max(1, listLength(room / (tool * (1 - OVERLAP)) - 1e-9, 'tool') + (room > 1e-9 ? 1 : 0));
  return Array.from({ length: cuts }, (_, i) => (cuts === 1 ? last : first + (room * i) / (cuts - 1)));
}

function warningFor(
  groove: EccentricGroove,
  land: { before: number | null; after: number },
  tool: number,
  least: number,
): Phrase | null {
  if (tool > groove.width + 1e-9)
    return [
      'The tool, ',
      length(tool, 0.01),
      ', is wider than the groove, ',
      length(groove.width, 0.01),
      '.',
    ];
  if (land.after < -1e-9) return ['It runs into what follows by ', length(-land.after, 0.01), '.'];
  if (land.after < least)
    return ['Leaves a land of ', length(land.after, 0.01), ' after it: it may break away.'];
  if (land.before !== null && land.before < least)
    return ['Leaves a land of ', length(land.before, 0.01), ' at the face: it may break away.'];
  return null;
}
