import { onScopeDispose, ref, watch, type Ref } from 'vue';

/** A beat to turn a handle by: a light that swells, and a click where it is wanted. */
export function useBeat(secondsPerTurn: Ref<number>) {
  const running = ref(false);
  const loud = ref(false);
  const beat = ref(0);
  let timer: ReturnType<typeof setTimeout> | null = null;
  let audio: AudioContext | null = null;

  function click(): void {
    audio ??= new AudioContext();
    const at = audio.currentTime;
    const tone = audio.createOscillator();
    const level = audio.createGain();
    tone.frequency.value = 880;
    level.gain.setValueAtTime(0.25, at);
    level.gain.exponentialRampToValueAtTime(0.001, at + 0.07);
    tone.connect(level).connect(audio.destination);
    tone.start(at);
    tone.stop(at + 0.08);
  }

  function tick(): void {
    beat.value++;
    if (loud.value) click();
    timer = setTimeout(tick, secondsPerTurn.value * 1000);
  }

  function stop(): void {
    running.value = false;
    if (timer) clearTimeout(timer);
    timer = null;
  }
  function toggle(): void {
    if (running.value) return stop();
    running.value = true;
    tick();
  }
  /** A new pace is kept from the next beat on, without a stumble. */
  watch(secondsPerTurn, () => {
    if (!running.value || !timer) return;
    clearTimeout(timer);
    timer = setTimeout(tick, secondsPerTurn.value * 1000);
  });
  onScopeDispose(() => {
    stop();
    void audio?.close();
  });
  return { running, loud, beat, toggle };
}
