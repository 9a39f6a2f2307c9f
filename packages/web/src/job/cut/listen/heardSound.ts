import {
  hearPitch,
  spectrumOf,
  type ChatterSetup,
  type Heard,
  type LoudLine,
  type Spectrum,
} from '@anello/core/chatter';

/** A sound, and what was running when it was taken. */
export interface SoundQuestion {
  readonly samples: readonly number[];
  /** Samples of a second. */
  readonly rate: number;
  readonly setup: ChatterSetup;
}

export interface SoundFound extends Spectrum {
  /** Of each of its lines, the loudest first. */
  readonly heard: readonly { readonly line: LoudLine; readonly heard: Heard }[];
}

/** Errors: as spectrumOf and hearPitch. */
export function heardSound({ samples, rate, setup }: SoundQuestion): SoundFound {
  const spectrum = spectrumOf(Float32Array.from(samples), rate);
  return { ...spectrum, heard: spectrum.lines.map((line) => ({ line, heard: hearPitch(line, setup) })) };
}
