import { onScopeDispose, ref, shallowRef, type Ref } from 'vue';
import { RATE, standInSound } from './standInSound';

/** A sound to be listened to. */
export interface Sound {
  readonly name: string;
  readonly samples: readonly number[];
  readonly rate: number;
}

export interface Ear {
  readonly sound: Ref<Sound | null>;
  /** The microphone is open. */
  readonly open: Ref<boolean>;
  readonly said: Ref<string>;
  /** Listens by the microphone until it is told to stop; the last of it stays. */
  listen(): Promise<void>;
  stop(): void;
  takeFile(file: File): Promise<void>;
  /** A cut that chatters at a pitch, Hz. */
  takeMadeUp(hz: number): void;
}

/** Of a long recording its loudest stretch is enough, s. */
const LONGEST = 4;
/** What was heard is looked at so often, ms. */
const EVERY = 700;
const AT_ONCE = 32_768;
/** Sent to be looked at: to a part in a hundred thousand, which is past what a microphone hears. */
const plainSamples = (samples: Float32Array): number[] =>
  Array.from(samples, (s) => Math.round(s * 1e5) / 1e5);

/** A cut's sound, by the microphone, from a file, or made up. Nothing of it is kept or sent anywhere. */
export function useEar(): Ear {
  const sound = shallowRef<Sound | null>(null);
  const open = ref(false);
  const said = ref('');
  let shut = (): void => undefined;

  function stop(): void {
    shut();
    shut = () => undefined;
    open.value = false;
  }
  onScopeDispose(stop);

  async function listen(): Promise<void> {
    said.value = '';
    try {
      const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      });
      const context = new AudioContext();
      const analyser = context.createAnalyser();
      analyser.fftSize = AT_ONCE;
      context.createMediaStreamSource(stream).connect(analyser);
      const timer = setInterval(() => {
        const samples = new Float32Array(AT_ONCE);
        analyser.getFloatTimeDomainData(samples);
        sound.value = { name: 'the microphone', samples: plainSamples(samples), rate: context.sampleRate };
      }, EVERY);
      shut = () => {
        clearInterval(timer);
        for (const track of stream.getTracks()) track.stop();
        void context.close();
      };
      open.value = true;
    } catch {
      said.value = 'The microphone was not given. A recording, or the marks on the work, tell the same.';
    }
  }

  async function takeFile(file: File): Promise<void> {
    stop();
    said.value = '';
    try {
      const decoded = await new OfflineAudioContext(1, RATE, RATE).decodeAudioData(await file.arrayBuffer());
      sound.value = {
        name: file.name,
        samples: plainSamples(loudest(decoded.getChannelData(0))),
        rate: decoded.sampleRate,
      };
    } catch {
      said.value = 'That file holds no sound that this browser knows: WAV, MP3, OGG or M4A.';
    }
  }

  return {
    sound,
    open,
    said,
    listen,
    stop,
    takeFile,
    takeMadeUp(hz) {
      stop();
      said.value = '';
      sound.value = { name: 'made up', samples: plainSamples(standInSound(hz)), rate: RATE };
    },
  };
}

/** The loudest stretch of a long recording, by its power. */
export function loudest(all: Float32Array, rate: number = RATE): Float32Array {
  const length = LONGEST * rate;
  if (all.length <= length) return all;
  const step = rate / 4;
  const power = Array.from({ length: Math.floor(all.length / step) }, (_, i) =>
    all.subarray(i * step, (i + 1) * step).reduce((sum, s) => sum + s * s, 0),
  );
  const pieces = length / step;
  let best = 0;
  let most = -1;
  for (let i = 0; i + pieces <= power.length; i++) {
    const here = power.slice(i, i + pieces).reduce((a, b) => a + b, 0);
    if (here > most) [best, most] = [i, here];
  }
  return all.subarray(best * step, best * step + length);
}
