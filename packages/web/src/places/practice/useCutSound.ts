import type { Chips } from '@anello/core/virtual-lathe';
import { useLocalStorage } from '@vueuse/core';
import { onScopeDispose, watch, type Ref } from 'vue';
import { LOCAL } from '../../data/names';

/** How loud each is, and about which pitch, Hz: a cut hisses low, a tool that rubs squeals, one that sings is a tone. */
const HEARD: Readonly<
  Record<'cutting' | 'rubbing' | 'sings', { readonly pitch: number; readonly loud: number }>
> = {
  cutting: { pitch: 420, loud: 0.05 },
  rubbing: { pitch: 2600, loud: 0.02 },
  sings: { pitch: 900, loud: 0.09 },
};
const SECONDS = 1;
/** A change is heard in about this, s. */
const SOON = 0.04;

/** The cut as it sounds, for whoever wants it: noise about a pitch, made here and never fetched. Off at first. */
export function useCutSound(chips: Ref<Chips['seen']>, chatters: Ref<boolean>): Ref<boolean> {
  const on = useLocalStorage(LOCAL.cutSound, false);
  let sound: { context: AudioContext; gain: GainNode; filter: BiquadFilterNode } | null = null;

  function open(): typeof sound {
    if (typeof AudioContext === 'undefined') return null;
    const context = new AudioContext();
    const buffer = context.createBuffer(1, SECONDS * context.sampleRate, context.sampleRate);
    const samples = buffer.getChannelData(0);
    for (let i = 0; i < samples.length; i++) samples[i] = 2 * Math.random() - 1;
    const source = new AudioBufferSourceNode(context, { buffer, loop: true });
    const filter = new BiquadFilterNode(context, { type: 'bandpass', Q: 3 });
    const gain = new GainNode(context, { gain: 0 });
    source.connect(filter).connect(gain).connect(context.destination);
    source.start();
    return { context, gain, filter };
  }
  function close(): void {
    void sound?.context.close();
    sound = null;
  }
  watch(
    [on, chips, chatters],
    ([wanted, seen, sings]) => {
      if (!wanted) return close();
      const heard = seen === 'none' ? null : sings ? HEARD.sings : HEARD[seen];
      if (heard) sound ??= open();
      if (!sound) return;
      const { currentTime } = sound.context;
      sound.gain.gain.setTargetAtTime(heard?.loud ?? 0, currentTime, SOON);
      if (heard) sound.filter.frequency.setTargetAtTime(heard.pitch, currentTime, SOON);
    },
    { immediate: true },
  );
  onScopeDispose(close);
  return on;
}
