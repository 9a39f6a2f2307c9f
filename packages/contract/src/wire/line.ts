import { z } from 'zod';

/** What one unit is in those that the figures are kept in: mm, and degrees of an angle. */
const TO_KEPT = { mm: 1, um: 0.001, in: 25.4, deg: 1 } as const;
export const WIRE_UNITS = ['mm', 'um', 'in', 'deg'] as const;

/** A longer line is no reading. */
export const LONGEST_LINE = 400;
/** mm; nothing on a lathe is further away. */
const FURTHEST = 1e6;
const LATEST = 1e10;
/** Letters, digits, blanks and a few marks that names have; it is drawn on screens. */
const NAME = /^[\p{L}\p{N}][\p{L}\p{N} ._/-]*$/u;
const LONGEST_NAME = 40;
const LONGEST_CHANNEL = 20;

/** One reading, as it stands in a line on the wire. What else stands in the line is passed over. */
export const wireLineSchema = z.object({
  instrument: z
    .string()
    .max(LONGEST_NAME)
    .regex(NAME)
    .describe('Its name in the shop: one instrument, one name.'),
  value: z.number().min(-FURTHEST).max(FURTHEST).describe('What it shows.'),
  unit: z.enum(WIRE_UNITS).default('mm').describe('What it shows it in: um are thousandths of a mm.'),
  time: z
    .number()
    .min(0)
    .max(LATEST)
    .optional()
    .describe('When, s, on a clock of its own that runs from anywhere. Left out: when it came.'),
  channel: z
    .string()
    .max(LONGEST_CHANNEL)
    .regex(NAME)
    .optional()
    .describe('Which of its axes, where it has several: x, z.'),
  pressed: z
    .boolean()
    .optional()
    .describe('Sent because its own key was pressed: it is taken at once, where one is asked for.'),
});
export type WireLine = z.input<typeof wireLineSchema>;

/** A reading as it is handed on: mm, or degrees. */
export interface WireReading {
  readonly instrument: string;
  /** Empty where it has one only. */
  readonly channel: string;
  readonly value: number;
  readonly angle: boolean;
  /** By its own clock, s. */
  readonly own?: number | undefined;
  /** Its own key was pressed. */
  readonly pressed?: true;
}

export type ReadLine = { readonly reading: WireReading } | { readonly said: string };

/**
 * Reads one line of the wire; whatever stands in it, it answers and does not break. A blank line is said to be one.
 *
 * @example
 * readWireLine('{"instrument":"dial","value":12,"unit":"um"}')
 * // → { reading: { instrument: 'dial', channel: '', value: 0.012, angle: false } }
 */
export function readWireLine(text: string): ReadLine {
  if (text.length > LONGEST_LINE) return { said: `The line is longer than ${LONGEST_LINE} characters.` };
  const line = text.trim();
  if (line === '') return { said: 'The line is blank.' };
  let given: unknown;
  try {
    given = JSON.parse(line);
  } catch {
    return { said: 'The line is no JSON object.' };
  }
  const read = wireLineSchema.safeParse(given);
  if (!read.success) {
    const [issue] = read.error.issues;
    const at = issue?.path.join('.');
    return { said: at ? `“${at}” is missing, or not what it may be.` : 'The line is no JSON object.' };
  }
  return { reading: kept(read.data) };
}

/** A reading in the units that figures are kept in. */
export function kept(line: z.output<typeof wireLineSchema>): WireReading {
  const { instrument, channel, value, unit, time, pressed } = line;
  return {
    instrument,
    channel: channel ?? '',
    value: value * TO_KEPT[unit],
    angle: unit === 'deg',
    ...(time === undefined ? {} : { own: time }),
    ...(pressed ? { pressed } : {}),
  };
}

/** The form of a line as a JSON schema, for who writes a source of them. */
export function wireLineJsonSchema(): Record<string, unknown> {
  return {
    title: 'One reading of an instrument: a line of its own on the wire',
    ...z.toJSONSchema(wireLineSchema, { io: 'input' }),
  };
}
