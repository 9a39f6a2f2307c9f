import { defineComponent, h, resolveComponent, withDirectives } from 'vue';
import { describe, expect, it } from 'vitest';
import { useMounted } from '../testkit/mounted';
import { vFirstBox } from './vFirstBox';

const page = useMounted();
const form = (first?: boolean): HTMLInputElement[] => {
  const Form = defineComponent(() => () => {
    const Box = resolveComponent('VTextField');
    return h('form', [
      withDirectives(h(Box, { label: 'First' }), [first === undefined ? [vFirstBox] : [vFirstBox, first]]),
      h(Box, { label: 'Second' }),
    ]);
  });
  return [...page.mount(Form).querySelectorAll('input')];
};

describe('the first box of a form', () => {
  it('has the caret at once, and does not take it back', async () => {
    const [first, second] = form();
    expect(document.activeElement).toBe(first);
    second?.focus();
    await new Promise((on) => setTimeout(on, 120));
    expect(document.activeElement).toBe(second);
  });
  it('waits where it is not wanted', () => {
    const boxes = form(false);
    expect(boxes).not.toContain(document.activeElement);
  });
});
