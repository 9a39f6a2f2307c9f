import type { Chips } from '@anello/core/virtual-lathe';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { LOCAL } from '../../data/names';
import { useMounted } from '../../testkit/mounted';
import { useCutSound } from './useCutSound';

const { within } = useMounted();
/** What the page's sound was told. */
let told: string[] = [];
const param = (name: string) => ({
  setTargetAtTime: (to: number, at: number) => void told.push(`${name} ${to} from ${at}`),
});
class Node {
  gain = param('loud');
  frequency = param('pitch');
  constructor(_context: object, { type, Q }: { type?: string; Q?: number } = {}) {
    if (type) told.push(`${type} ${Q}`);
  }
  connect(to: object) {
    return to;
  }
  start() {
    told.push('started');
  }
}
class Audio {
  currentTime = 7;
  sampleRate = 100;
  destination = {};
  constructor() {
    told.push('opened');
  }
  createBuffer(channels: number, length: number) {
    const samples = new Float32Array(length);
    told.push(`${channels} of ${length}`);
    return { getChannelData: () => samples };
  }
  async close() {
    told.push('closed');
  }
}

beforeEach(() => {
  told = [];
  vi.stubGlobal('AudioContext', Audio);
  for (const name of ['AudioBufferSourceNode', 'BiquadFilterNode', 'GainNode']) vi.stubGlobal(name, Node);
});
afterEach(() => vi.unstubAllGlobals());

function cutting(seen: Chips['seen'] = 'none') {
  const [chips, chatters] = [ref<Chips['seen']>(seen), ref(false)];
  const { found: on, leave } = within(() => useCutSound(chips, chatters));
  return { on, chips, chatters, leave };
}
async function now(): Promise<string[]> {
  await nextTick();
  return told.splice(0);
}

describe('the cut as it sounds', () => {
  it('is off until somebody wants it, and is remembered', async () => {
    const { on, chips } = cutting('cutting');
    expect(on.value).toBe(false);
    chips.value = 'rubbing';
    expect(await now()).toEqual([]);
    on.value = true;
    await nextTick();
    expect(localStorage.getItem(LOCAL.cutSound)).toBe('true');
    expect(cutting().on.value).toBe(true);
  });
  it('is opened at the first chip, and has its pitch and how loud it is by what is cut', async () => {
    const { on, chips, chatters } = cutting();
    on.value = true;
    expect(await now()).toEqual([]);
    chips.value = 'cutting';
    expect(await now()).toEqual([
      'opened',
      '1 of 100',
      'bandpass 3',
      'started',
      'loud 0.05 from 7',
      'pitch 420 from 7',
    ]);
    chips.value = 'rubbing';
    expect(await now()).toEqual(['loud 0.02 from 7', 'pitch 2600 from 7']);
    chatters.value = true;
    expect(await now()).toEqual(['loud 0.09 from 7', 'pitch 900 from 7']);
    // Nothing cuts: it is silent, and stays open for the next cut.
    chips.value = 'none';
    expect(await now()).toEqual(['loud 0 from 7']);
  });
  it('is closed when it is not wanted any more, and with its page', async () => {
    const { on, leave } = cutting('cutting');
    on.value = true;
    await now();
    on.value = false;
    expect(await now()).toEqual(['closed']);
    on.value = true;
    expect((await now())[0]).toBe('opened');
    leave();
    expect(await now()).toEqual(['closed']);
  });
  it('in a browser without sound there is none', async () => {
    vi.stubGlobal('AudioContext', undefined);
    const { on } = cutting('cutting');
    on.value = true;
    expect(await now()).toEqual([]);
  });
});
