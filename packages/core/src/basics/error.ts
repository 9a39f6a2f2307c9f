import { CATALOGUE, type ErrorCode } from './catalogue';
import { plainText, type Phrase } from '../figure/phrase';

/** An error as data, as it travels over HTTP or to a worker and back. */
export interface ErrorData {
  readonly code: ErrorCode;
  readonly field: string | null;
  readonly sentence: string;
  readonly phrase: Phrase;
}

/**
 * The one error class of Anello: a stable code, the field at fault and a sentence a machinist
 * understands. Figures inside the sentence stay figures, so they can be shown in either unit system.
 */
export class AnelloError extends Error {
  readonly code: ErrorCode;
  readonly field: string | null;
  readonly phrase: Phrase;

  constructor(code: ErrorCode, field: string | null, phrase: Phrase | string) {
    const whole: Phrase = typeof phrase === 'string' ? [phrase] : phrase;
    super(plainText(whole));
    this.name = 'AnelloError';
    this.code = code;
    this.field = field;
    this.phrase = whole;
  }

  /** The HTTP status the catalogue gives this code. */
  get status(): number {
    return CATALOGUE[this.code];
  }

  toData(): ErrorData {
    return { code: this.code, field: this.field, sentence: this.message, phrase: this.phrase };
  }
}
