import { afterEach, describe, expect, it, vi } from 'vitest';
import { useMounted } from '../testkit/mounted';
import { useClick } from './useClick';

const { within } = useMounted();
afterEach(() => vi.unstubAllGlobals());

/** What is opened, started and closed of the page's sound. */
function soundPage(): string[] {
  const did: string[] = [];
  class Audio {
    currentTime = 3;
    destination = {};
    constructor() {
      did.push('opened');
    }
    createOscillator() {
      return {
        frequency: { value: 0 },
        connect: (to: object) => to,
        start: (at: number) => did.push(`from ${at}`),
        stop: (at: number) => did.push(`to ${at.toFixed(2)}`),
      };
    }
    createGain() {
      const gain = { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined };
      return { gain, connect: (to: object) => to };
    }
    async close() {
      did.push('closed');
    }
  }
  vi.stubGlobal('AudioContext', Audio);
  return did;
}

describe('a click', () => {
  it('opens the sound at the first one, once, and closes it with the page', () => {
    const did = soundPage();
    const { found: click, leave } = within(useClick);
    expect(did).toEqual([]);
    click();
    click();
    expect(did).toEqual(['opened', 'from 3', 'to 3.08', 'from 3', 'to 3.08']);
    leave();
    expect(did.at(-1)).toBe('closed');
  });
  it('that was never heard closes nothing', () => {
    const did = soundPage();
    within(useClick).leave();
    expect(did).toEqual([]);
  });
});
