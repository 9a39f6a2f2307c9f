import { onScopeDispose } from 'vue';

/** Hz, loudness of the start, and s until it has died away. */
const PITCH = 880;
const LOUD = 0.25;
const LASTS = 0.07;

/** A click to be heard over a lathe. The sound is opened at the first one: a page may not before a hand has touched it. */
export function useClick(): () => void {
  let audio: AudioContext | null = null;
  onScopeDispose(() => void audio?.close());
  return () => {
    audio ??= new AudioContext();
    const at = audio.currentTime;
    const tone = audio.createOscillator();
    const level = audio.createGain();
    tone.frequency.value = PITCH;
    level.gain.setValueAtTime(LOUD, at);
    level.gain.exponentialRampToValueAtTime(0.001, at + LASTS);
    tone.connect(level).connect(audio.destination);
    tone.start(at);
    tone.stop(at + LASTS + 0.01);
  };
}
