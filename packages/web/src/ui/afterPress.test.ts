import { expect, it, vi } from 'vitest';
import { afterPress, hearPresses } from './afterPress';

const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
const press = (what: string): boolean => document.body.dispatchEvent(new Event(what, { bubbles: true }));

it('acts at once where nothing is pressed, and after the click where something is', async () => {
  hearPresses(window);
  const order: string[] = [];
  document.body.addEventListener('click', () => order.push('clicked'), { once: true });
  afterPress(() => order.push('at once'));
  press('mousedown');
  afterPress(() => order.push('after'));
  await turn();
  expect(order).toEqual(['at once']);
  press('mouseup');
  press('click');
  await turn();
  expect(order).toEqual(['at once', 'clicked', 'after']);
  afterPress(() => order.push('at once again'));
  expect(order.at(-1)).toBe('at once again');
});

it.each(['dragend', 'contextmenu'])('is over with a %s as well, where no release comes', async (end) => {
  hearPresses(window);
  const act = vi.fn();
  press('mousedown');
  afterPress(act);
  press(end);
  await turn();
  expect(act).toHaveBeenCalledOnce();
});
