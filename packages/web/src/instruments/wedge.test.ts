import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useMounted } from '../testkit/mounted';
import { useWedge } from './useWedge';

const { within } = useMounted();

describe('an instrument that types like a keyboard', () => {
  const wedge = (ready = true) => {
    const taken: string[] = [];
    const keys: string[] = [];
    window.addEventListener('keydown', ({ key }) => keys.push(key), { signal: ends.signal });
    within(() =>
      useWedge(
        () => ready,
        (text) => taken.push(text),
      ),
    );
    return { taken, keys };
  };
  let ends = new AbortController();
  beforeEach(() => {
    ends.abort();
    ends = new AbortController();
    vi.useFakeTimers();
  });
  afterEach(() => void vi.useRealTimers());
  let at = 0;
  /** Struck one after the other, so many ms apart. */
  const strike = (text: string, apart: number, on: EventTarget = document.body): void => {
    for (const key of [...text, 'Enter']) {
      at += apart;
      vi.advanceTimersByTime(apart);
      const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
      Object.defineProperty(event, 'timeStamp', { value: at });
      on.dispatchEvent(event);
    }
    vi.advanceTimersByTime(500);
  };

  it('is taken whole, and none of its digits does what it would as a key', () => {
    const { taken, keys } = wedge();
    strike('12.345', 4);
    strike('-0.5 mm', 20);
    expect([taken, keys]).toEqual([['12.345', '-0.5 mm'], []]);
  });
  it('a hand is slower: its keys do what they do', () => {
    const { taken, keys } = wedge();
    strike('12', 120);
    strike('z', 4);
    strike('4', 4);
    strike('3r', 4);
    expect([taken, keys]).toEqual([[], [...'12', 'Enter', 'z', 'Enter', '4', 'Enter', ...'3r', 'Enter']]);
  });
  it('in a box it is typed there; where nothing is asked for it is let go', () => {
    const { taken, keys } = wedge(false);
    const box = document.createElement('input');
    document.body.append(box);
    strike('7', 4, box);
    expect(keys).toEqual(['7', 'Enter']);
    strike('8.5', 4);
    expect([taken, keys.length]).toEqual([[], 2]);
  });
});
