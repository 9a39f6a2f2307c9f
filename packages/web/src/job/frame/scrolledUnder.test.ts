// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import { useScrolledUnder } from './useScrolledUnder';

/** A stage of so much more than is seen, scrolled so far. */
function scrolled(more: number) {
  const { under, onScroll } = useScrolledUnder();
  const stage = document.createElement('main');
  Object.defineProperties(stage, { scrollHeight: { value: 500 + more }, clientHeight: { value: 500 } });
  stage.addEventListener('scroll', onScroll);
  return (to: number): boolean => {
    stage.scrollTop = to;
    stage.dispatchEvent(new Event('scroll'));
    return under.value;
  };
}

describe('the strip above a stage', () => {
  it('gives up its room when enough is scrolled, and comes back at the top only', () => {
    const to = scrolled(800);
    expect(to(20)).toBe(false);
    expect(to(60)).toBe(true);
    expect(to(10)).toBe(true);
    expect(to(0)).toBe(false);
  });
  it('stays where what it would give up is all there is to scroll', () => {
    expect(scrolled(150)(140)).toBe(false);
  });
});
