import { LinePattern, type WireLine } from '@anello/contract';

/** How the lines of an instrument are read that sends only text. */
export interface TextForm {
  /** As LinePattern has it. */
  readonly pattern: string;
  readonly instrument: string;
  /** Where a line says none. */
  readonly unit: WireLine['unit'];
  /** It sends at a press of its key only. */
  readonly pressed: boolean;
}

/**
 * A line of the wire for one of a source: as it came where it is one already or no form is given, else what the pattern
 * finds in it; null of a line that the pattern does not fit. Errors: a pattern that cannot be read throws at once.
 */
export function wireLines(form: TextForm | null): (text: string) => string | null {
  if (!form) return (text) => text;
  const pattern = new LinePattern(form.pattern);
  const { instrument, unit } = form;
  const pressed = form.pressed ? { pressed: true } : {};
  return (text) => {
    if (text.trimStart().startsWith('{')) return text;
    const read = pattern.read(text);
    return read && JSON.stringify({ instrument, unit, ...pressed, ...read });
  };
}
