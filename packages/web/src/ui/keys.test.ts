import { describe, expect, it, vi } from 'vitest';
import { useMounted } from '../testkit/mounted';
import { useKeys } from './useKeys';

const { within } = useMounted();
function listening() {
  const act = vi.fn();
  const { leave } = within(() => useKeys({ b: act, '?': act }));
  const put = <E extends keyof HTMLElementTagNameMap>(tag: E): HTMLElementTagNameMap[E] => {
    const one = document.createElement(tag);
    document.body.append(one);
    return one;
  };
  const press = (key: string, more: KeyboardEventInit = {}, on: EventTarget = document.body) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
    on.dispatchEvent(event);
    return event.defaultPrevented;
  };
  return { act, press, put, leave };
}

describe('keys that work anywhere', () => {
  it('do what they are for, in either case, and nothing else happens by them', () => {
    const { act, press } = listening();
    expect([press('b'), press('B'), press('?'), press('x')]).toEqual([true, true, true, false]);
    expect(act).toHaveBeenCalledTimes(3);
  });
  it.each(['input', 'textarea', 'select'] as const)('are letters while something is typed in: %s', (tag) => {
    const { act, press, put } = listening();
    expect(press('b', {}, put(tag))).toBe(false);
    expect(act).not.toHaveBeenCalled();
  });
  it('Escape leaves the box that is typed in', () => {
    const { press, put } = listening();
    const box = put('input');
    box.focus();
    press('Escape', {}, box);
    expect(document.activeElement).not.toBe(box);
  });
  it.each(['ctrlKey', 'metaKey', 'altKey'] as const)('with %s are the browser’s', (held) => {
    const { act, press } = listening();
    expect(press('b', { [held]: true })).toBe(false);
    expect(act).not.toHaveBeenCalled();
  });
  it.each(['v-dialog', 'v-menu'])('are an open %s’s own', (what) => {
    const { act, press, put } = listening();
    const over = put('div');
    over.className = `v-overlay--active ${what}`;
    press('b');
    expect(act).not.toHaveBeenCalled();
    over.remove();
    press('b');
    expect(act).toHaveBeenCalledOnce();
  });
  it('end with their screen', () => {
    const { act, press, leave } = listening();
    leave();
    press('b');
    expect(act).not.toHaveBeenCalled();
  });
});
