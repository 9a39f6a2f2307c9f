import { carriagePositions, type CarriageRow } from './carriagePositions';
import type { EccentricPart } from './part';

/** Widths of the tools and the least land, mm. */
export interface CarriageTools {
  readonly grooveTool: number;
  readonly partTool: number;
  readonly leastLand: number;
}

/**
 * Carriage positions of an eccentric's grooves and of parting it off, all from the part's tailstock face. Errors: as carriagePositions.
 *
 * @example
 * carriageTable(DISC, USUAL_CARRIAGE_TOOLS).length
 * // → 1
 */
export function carriageTable(part: EccentricPart, tools: CarriageTools): CarriageRow[] {
  const grooves = part.grooves.map((g) => ({ ...g, at: g.at + part.beyond }));
  return carriagePositions({ grooves, length: part.partLength, ...tools });
}
